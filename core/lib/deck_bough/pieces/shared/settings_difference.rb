# frozen_string_literal: true

module DeckBough
  # Says in words what changed between two documents of a piece's settings, for the history of a piece.
  #
  #   SettingsDifference.says(before, after) # => "Height 2.40 m → 2.70 m; Cover balanced → full"
  module SettingsDifference
    MOST = 3
    NOTHING = "—"
    GONE = "a style that is gone"

    module_function

    # @param before, after [Hash] checked settings of one kind of piece
    # @param groups [Hash] what that kind declares
    # @param names [Hash{String => String}] of styles, by id; one that is not there has gone
    def says(before, after, units = "metric", groups: TreeSettings::GROUPS, names: {})
      changes = groups.flat_map do |group, inputs|
        inputs.filter_map { |input| change(input, before[group][input.name], after[group][input.name], units, names) }
      end
      return "Nothing changed" if changes.empty?

      told = changes.first(MOST).join("; ")
      changes.size > MOST ? "#{told} and #{changes.size - MOST} more" : told
    end

    # One value in the person's words: lengths in her units, styles by name, the entries of a list by what they name or
    # how many they are.
    #
    # @param input [Input]
    # @return [String]
    def told(value, input, units, names = {})
      return NOTHING if value.nil?
      return names.fetch(value, GONE) if input.names == :style
      return listed(value, input, units, names) if input.kind == :list
      return value ? "yes" : "no" if input.kind == :flag

      input.unit == "m" ? Length.print(value, units) : value.to_s.tr("_", " ")
    end

    def change(input, before, after, units, names)
      return nil if before == after
      return changed_list(input, before, after, units, names) if input.kind == :list

      was, is = [before, after].map { |value| told(value, input, units, names) }
      # What reads alike and is not the same is told as fine as it was measured.
      was, is = [before, after].map { |value| finely(value, units) } if was == is && input.unit == "m"
      "#{input.title} #{was} → #{is}"
    end

    def finely(metres, units)
      number = Figure.print(units == "imperial" ? metres / Length::INCH : metres * 100, 2)
      "#{number} #{units == 'imperial' ? 'in' : 'cm'}"
    end

    # What came and what went, as far as it reads differently; else a list is counted.
    def changed_list(input, before, after, units, names)
      came, went = [after - before, before - after].map { |list| list.map { |one| entry(one, input, units, names) } }
      told = [*(came - went).map { |words| "+ #{words}" }, *(went - came).map { |words| "− #{words}" }]
      return counted_list(input, before.size, after.size) if told.empty?

      "#{input.title} #{told.first(MOST).join(', ')}#{" and #{told.size - MOST} more" if told.size > MOST}"
    end

    def counted_list(input, was, now)
      was == now ? "#{input.title} changed" : "#{input.title} #{was} → #{now}"
    end

    def listed(value, input, units, names)
      return NOTHING if value.empty?

      value.map { |one| entry(one, input, units, names) }.join(input.items.is_a?(Array) ? "; " : ", ")
    end

    # The first few values of an entry are enough to know it by.
    def entry(value, input, units, names)
      return told(value, input.items, units, names) unless input.items.is_a?(Array)

      words = input.items.map { |item| told(value[item.name], item, units, names) }
      words.reject { |word| word == NOTHING }.first(MOST).join(" ")
    end
    private_class_method :change, :finely, :changed_list, :counted_list, :listed, :entry
  end
end
