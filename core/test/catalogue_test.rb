# frozen_string_literal: true

require_relative "core_test"

# The contract every rule of the catalogue keeps.
class CatalogueTest < CoreTest
  EXAMPLES = File.readlines(File.join(__dir__, "worked_examples.ndjson")).map { |line| JSON.parse(line) }.freeze

  def test_every_rule_has_a_worked_example_or_its_own_test
    without = Catalogue::RULES.keys - EXAMPLES.map { |row| row["rule"] }

    assert_equal %w[tree.best_size ornaments.map ribbon.cut_plan garland.profile garland.lights garland.tree
                    wreath.wall palette.gather boxes.pack buying.substitutes group.sites hang.drops
                    days.schedule], without
  end

  EXAMPLES.each_with_index do |row, i|
    define_method("test_worked_example_#{i}_#{row['rule'].tr('.', '_')}") do
      outputs = Catalogue.answer(row["rule"], row["inputs"]).outputs

      row["outputs"].each do |name, expected|
        assert_close expected, outputs.fetch(name.to_sym), "#{row['rule']} #{name}"
      end
    end
  end

  MAP_STYLES = [["glass", 100, 40, "#111111", true], ["drop", 62, 160, "#222222", false],
                ["bell", 45, 20, "#333333", false],
                ["ball", 62, 30, "#444444", false],
                ["star", 120, 90, "#111111", false]].map do |id, size, mass, colour, breakable|
    { "id" => id, "count" => 7, "diameter_mm" => size, "mass_g" => mass, "colour" => colour, "breakable" => breakable,
      "keepsake" => false }
  end.push({ "id" => "kept", "count" => 2, "diameter_mm" => 60, "keepsake" => true }).freeze

  GREENS = [{ "kind" => "body", "from_m" => 0, "to_m" => 1.5, "loft_m" => 0.2, "kg_per_m" => 0.5, "fluffed" => false },
            { "kind" => "rise", "at_m" => 0.4, "spread_m" => 0.3, "rise_m" => 0.32, "kg" => 0.05 },
            { "kind" => "trail", "at_m" => 0.6, "spread_m" => 0.3, "trail_m" => 0.3, "kg" => 0.08 }].freeze

  LIKE = [["a", 80, "#6b2e4f"], ["b", 85, "#7a2e48"], ["c", 120, "#5a3e60"], ["d", 78, "#6b4e4f"]].map do |id, mm, tone|
    { "id" => id, "kind" => "ornament", "size_mm" => mm, "colour" => tone }
  end.freeze

  SAMPLES = EXAMPLES.to_h { |row| [row["rule"], row["inputs"]] }
                    .merge("tree.best_size" => { "ceiling_m" => 2.7, "spread_ratio" => 0.58, "free_width_m" => 1.5 },
                           "ribbon.cut_plan" => { "pieces_m" => [0.9, 0.6, 0.5, 0.4, 0.4], "part_rolls_m" => [0.55],
                                                  "new_roll_m" => 1.2 },
                           "garland.tree" => { "area_m2" => 5.0, "pitch_m" => 0.45 },
                           "garland.lights" => { "run_m" => 3.2, "school" => "classic", "bulbs_per_string" => 10 },
                           "garland.profile" => { "run_m" => 2.0, "items" => GREENS,
                                                  "wanted" => { "shape" => "crest", "low_m" => 0.1, "high_m" => 0.3 } },
                           "wreath.wall" => { "wall_width_m" => 1.4, "wall_height_m" => 1.2,
                                              "diameters_m" => [0.4, 0.3, 0.3], "arrangement" => "cluster",
                                              "anchors" => [{ "left_m" => 0.7, "floor_m" => 0.66 }] },
                           "view.weights" => { "pieces" => %w[tree greens wreath].map do |id|
                             { "id" => id, "area_m2" => 1, "distance_m" => 2, "lightness" => 30,
                               "ground_lightness" => 80, "lit" => id == "tree" }
                           end },
                           "palette.gather" => { "colours" => [{ "colour" => "#6b2e4f", "count" => 3 },
                                                               { "colour" => "#ece8dd", "count" => 4 }] },
                           "boxes.pack" => { "items" => [{ "id" => "balls", "litres" => 12, "kg" => 7,
                                                           "breakable" => true },
                                                         { "id" => "irons", "litres" => 9, "kg" => 14 },
                                                         { "id" => "tree", "litres" => 90, "kg" => 11 }],
                                             "boxes" => [{ "id" => "1", "litres" => 40 },
                                                         { "id" => "2", "litres" => 40 }] },
                           "buying.substitutes" => { "wanted" => LIKE.first.except("id"), "items" => LIKE },
                           "group.sites" => { "length_m" => 3.2,
                                              "keep_free" => [{ "from_m" => 1.2, "to_m" => 1.9 }] },
                           "table.places" => { "shape" => "rectangle", "length_m" => 2.4, "width_m" => 0.9,
                                               "diameter_m" => 1.2 },
                           "hang.drops" => { "count" => 5, "shortest_m" => 0.2, "longest_m" => 0.7 },
                           "days.schedule" => {
                             "tasks" => [{ "id" => "tree", "minutes" => 30, "people" => 2, "skill" => "heights" },
                                         { "id" => "bows", "minutes" => 20,
                                           "after" => [{ "id" => "tree", "wait_min" => 15 }] }],
                             "people" => %w[ida bram].map do |id|
                               { "id" => id, "skills" => %w[heights],
                                 "hours" => [{ "from_min" => 480, "to_min" => 720 }] }
                             end
                           },
                           "ornaments.map" => { "tree" => { "height_m" => 2.1, "spread_m" => 1.2, "arc_deg" => 240 },
                                                "reach_m" => 0.7,
                                                "styles" => MAP_STYLES }).freeze

  # What a rule cannot do without where nothing is chosen.
  BY_CHOICE = { "wreath.hanger" => %w[drop_m thickness_m] }.freeze

  def each_rule
    Catalogue::RULES.each { |id, rule| yield id, rule, SAMPLES.fetch(id) }
  end

  def test_every_rule_is_documented
    each_rule do |id, rule, _|
      assert_match(/\A[a-z]+\.[a-z_]+\z/, id)
      assert_match(/\A\d\d /, rule.declaration.handbook)
      rule.declaration.inputs.each { |input| refute_empty input.title, "#{id} #{input.name}" }
    end
  end

  def test_every_rule_lives_in_the_file_of_its_name
    each_rule { |id, _, _| assert_path_exists File.join(ROOT, "rules", "#{id.tr('.', '/')}.rb") }
  end

  def test_every_rule_is_deterministic_and_leaves_its_inputs_alone
    each_rule do |id, rule, inputs|
      before = Marshal.dump(inputs)

      assert_equal rule.answer(inputs).to_h, rule.answer(inputs).to_h, id
      assert_equal before, Marshal.dump(inputs), id
    end
  end

  def test_every_answer_is_ready_for_json_and_gives_just_the_declared_outputs
    each_rule do |id, rule, inputs|
      answer = rule.answer(inputs)

      assert_equal rule.declaration.outputs.keys.sort, answer.outputs.keys.sort, id
      told = JSON.generate(answer.outputs)

      assert_equal told, JSON.generate(JSON.parse(JSON.generate(answer.to_h))["outputs"]), id
      refute_match(/#<|:\w+=>/, told, id)
    end
  end

  def test_every_working_ends_in_every_output_with_its_value
    each_rule do |id, rule, inputs|
      answer = rule.answer(inputs)
      answer.outputs.each do |name, value|
        step = answer.working.reverse.find { |told| told.gives == name }

        refute_nil step, "#{id} does not tell how #{name} came about"
        assert_equal [value], [step.value], "#{id} #{name}"
        refute_empty step.sum.to_s, "#{id} #{name}"
      end
    end
  end

  def test_every_rule_names_each_missing_input
    each_rule do |id, rule, _|
      wanted = rule.declaration.inputs.select(&:required?).map { |input| input.name.to_s } + BY_CHOICE.fetch(id, [])
      faults = assert_raises(InputError) { rule.answer({}) }.faults

      assert_equal wanted, faults.map(&:input), id
      assert_equal %w[missing], faults.map(&:code).uniq, id
    end
  end

  def test_every_number_is_refused_when_it_is_no_number_not_finite_or_absurd
    each_rule do |id, rule, inputs|
      rule.declaration.inputs.select { |input| %i[number whole].include?(input.kind) }.each do |input|
        { "12" => "wrong_type", Float::NAN => "not_finite", Float::INFINITY => "not_finite", 1e12.to_i => "too_large",
          -1 => "negative" }.each do |bad, code|
          asked = inputs.merge(input.name.to_s => bad)
          faults = assert_raises(InputError, "#{id} #{input.name} #{bad}") { rule.answer(asked) }.faults

          assert_equal [input.name.to_s, code], [faults.first.input, faults.first.code], "#{id} #{bad}"
        end
      end
    end
  end

  def test_every_answer_names_just_constants_its_rule_declares_and_those_it_read
    each_rule do |id, rule, _|
      variants(id).each { |given| assert_empty rule.answer(given).constants - rule.declaration.constants, id }
    end
    cover = Catalogue.answer("ornaments.by_cover", SAMPLES.fetch("ornaments.by_cover").merge("cover" => "airy"))

    assert_equal ["ornaments.per_m2_airy"], cover.constants
  end

  def test_an_input_nobody_declared_is_named
    each_rule do |id, rule, inputs|
      fault = assert_raises(InputError) { rule.answer(inputs.merge("smell" => 1)) }.faults.first

      assert_equal %w[smell unknown], [fault.input, fault.code], id
    end
  end

  def test_every_constant_a_rule_names_changes_some_answer_or_finding
    constants = Catalogue::RULES.values.flat_map { |rule| rule.declaration.constants }.uniq

    assert_empty(constants.reject { |key| moves_something?(key) })
  end

  # The first variant that answers otherwise is enough.
  def moves_something?(key)
    constant = HouseRules::CONSTANTS.fetch(key)
    houses = [constant.low, constant.high].map { |value| HouseRules.with(key => value) }
    users = Catalogue::RULES.select { |_, rule| rule.declaration.constants.include?(key) }.keys
    users.any? do |id|
      variants(id).any? do |given|
        houses.any? { |house| Catalogue.answer(id, given, house: house).to_h != plainly(id, given) }
      end
    end
  end

  def plainly(id, given)
    (@plainly ||= {})[[id, given]] ||= Catalogue.answer(id, given).to_h
  end

  HANGER = { "drop_m" => 0.4, "thickness_m" => 0.1, "visible_m" => 0.2, "door_height_m" => 0.7 }.freeze
  # What moves the constants of a wreath that its sample leaves where they are.
  WREATHS = { "wreath.hanger" => %w[real false taped].map { |kind| { "kind" => kind, **HANGER } },
              "wreath.hoop_strip" => [{ "diameter_m" => 0.6, "thickness_m" => 0.003 },
                                      { "diameter_m" => 0.6, "thickness_m" => 0.0015 }],
              "wreath.wall" => [{ "overlap" => 0.3, "arrangement" => "two_rows" }] }.freeze

  # Every choice of a rule, and the sizes at which it changes its mind.
  def variants(id)
    sample = SAMPLES.fetch(id)
    inputs = Catalogue.rule(id).declaration.inputs
    chosen = inputs.select { |input| input.kind == :choice }
                   .flat_map { |input| input.choices.map { |choice| sample.merge(input.name.to_s => choice) } }
    chosen = [] if id == "wreath.hanger"
    heights = if inputs.any? { |input| input.name == :height_m }
                [0.9, 1.6, 2.5].map { |height| sample.merge("height_m" => height) }
              else
                []
              end
    fits = if id == "tree.fit"
             [{ "free_width_m" => 1.7, "free_depth_m" => 1.7, "walkway_m" => 0.9, "wall_m" => 4 },
              { "ceiling_m" => 1.95 }]
           else
             []
           end
    arcs = id == "tree.visible_area" ? [sample.merge("height_m" => 4.0)] : []
    slim = id == "lights.count" ? [sample.merge("area_m2" => 3.0)] : []
    maps = if id == "ornaments.map"
             [sample.merge("pattern" => "twos"),
              sample.merge("tree" => { "height_m" => 4.0, "spread_m" => 2.0, "arc_deg" => 240 }),
              crowded(sample)]
           else
             []
           end
    tight = id == "stockings.spacing" ? [sample.merge("count" => 12)] : []
    [sample, *maps, *tight, *WREATHS.fetch(id, []).map do |more|
      sample.merge(more)
    end, *slim, *chosen, *heights, *fits.map do |more|
                                     sample.merge(more)
                                   end, *arcs]
  end

  # So many that they touch: how close they may hang decides who is left out.
  def crowded(sample)
    sample.merge("styles" => [MAP_STYLES.first.merge("count" => 500)])
  end

  def test_a_rule_nobody_wrote_is_named
    error = assert_raises(UnknownRule) { Catalogue.answer("tree.smell", {}) }

    assert_includes error.message, "tree.smell"
  end

  def test_an_incomplete_rule_is_refused_at_load
    silent = Class.new(Rules::Rule)
    misspelt = Class.new(Rules::Picks::Tree)
    misspelt.declare(id: "x.y", title: "X", handbook: "40", inputs: [], outputs: {}, constants: ["picks.none_such"])

    assert_raises(ArgumentError) { Catalogue.checked([silent]) }
    assert_includes assert_raises(ArgumentError) { Catalogue.checked([misspelt]) }.message, "picks.none_such"
  end
end
