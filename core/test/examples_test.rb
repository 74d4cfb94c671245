# frozen_string_literal: true

require_relative "core_test"

# The examples in the headers of the core, run: what a header promises is what the code does.
class ExamplesTest < CoreTest
  EXAMPLE = /^ *# {3,}(?<call>\S.*?) *# => (?<wanted>.+)$/
  SPLIT = /^ *# {3}(?<call>[^ #].*(?:\n *# {5,}[^ #].*)*)\n *# {3}# => (?<wanted>.+)$/
  # Calls that name something the header only imagines (a style, a piece, a house of one's own).
  IMAGINED = /\A(house\[|plan\[|answer|LedgerLine|OrnamentShares|WorkingSheet|SettingsDifference|TreeSettings
                 |Reckoner|tree\.|Deal|DiamondSites|Evenness|HangingMap|HangingSheet|Keepsakes|EvenSites|Groups
                 |CutSheets|near\.|reckoning|StepBack|Greenery::(?:Profile|Piece|Anchoring|Building|Supply|Run)
                 |supply|anchors|built|path|PlanSummary|RunSettings|RunPlan|flat\.|\#|PlanEnvelope|reading
                 |AutomaticStart|Cautions|StockGreens|ThinPlaces|StyleReferences|RunLimits|PlanBrief|GapSearch
                 |work\.|TreeWork|RunWork|WreathWork)/x

  def self.told_in(file)
    text = File.read(file)
    name = file.delete_prefix("#{ROOT}/")
    [EXAMPLE, SPLIT].flat_map { |pattern| text.scan(pattern) }
                    .map { |call, wanted| [name, call.gsub(/\n *# +/, " "), wanted] }
  end

  def self.whole?(call)
    !call.match?(IMAGINED) && call.count("(") == call.count(")")
  end

  FOUND = Dir[File.join(ROOT, "**", "*.rb")].flat_map { |file| told_in(file) }.select { |_, call, _| whole?(call) }.uniq

  def test_there_are_examples
    assert_operator FOUND.size, :>=, 15
  end

  FOUND.each_with_index do |(file, call, wanted), i|
    define_method("test_example_#{i}_of_#{file}") do
      result = DeckBough.module_eval(call)
      # "2.76, over the left edge": the number counts, the rest is for the reader.
      plain = format("(%s)", wanted.sub(/\A([\d.]+),.*\z/, '\1'))
      expected = DeckBough.module_eval(plain, __FILE__, __LINE__)
      next assert_nil(result, call) if expected.nil?

      if result.is_a?(Float)
        assert_in_delta(expected, result, 0.005 * result.abs, call)
      else
        assert_equal(expected, result, call)
      end
    end
  end

  def test_the_tree_of_the_surfaces_header
    tree = TreeSurface.new(height_m: 2.4, spread_m: 1.4, hem_m: 0.24, arc_deg: 360, p: 1.0)

    assert_in_delta 4.99, tree.area, 0.005
    assert_in_delta 0.35, tree.radius_at(1.32)
  end
end
