# frozen_string_literal: true

module DeckBough
  module Server
    # What steps lack, and how it comes: on its way from a supplier, to be made by hand and to dry until then, or to be
    # made in the home during a visit.
    #
    #   DayArrivals.new(database, studio_id).of([piece_id], today)[:arrivals]
    #   # => { [piece_id, "lights"] => { style:, label:, on:, made: false } }
    class DayArrivals
      MAKE = DeckBough::Days::HomeSteps::MAKE
      DAY_MINUTES = 24 * 60.0

      def initialize(database, studio_id)
        @rows = Store::Needs.new(database, studio_id)
        @purchases = Store::Purchases.new(database, studio_id)
        @recipes = Store::Recipes.new(database, studio_id)
      end

      # @param purchases [Array<String>] orders that come on another day (`day`) than was said
      # @param up [Array<String>] steps that were ticked: what was made in one of them lacks no more, and stays a step
      # @return [Hash] arrivals: by piece and step of its bench, style, label, on (Date), made (here, by hand);
      #   makings: by piece, as HomeSteps takes them
      def of(piece_ids, today, purchases: [], day: nil, up: [])
        lacking = lacking(piece_ids)
        coming = coming(lacking.values.flatten.map { |line| line[:style] }.compact.uniq, purchases, day)
        arrivals = lacking.each_with_object({}) do |(piece, lines), all|
          lines.each { |line| tell(all, piece, line, comes_on(coming.fetch(line[:style], []), line[:lacks]), today) }
        end
        { arrivals: arrivals, makings: made(up, lacking).merge(to_make(lacking, coming)) { |_, one, two| one + two } }
      end

      # How many batches of what a step makes are wanted for its piece.
      #
      # @return [Array(String, Integer), nil] id of the recipe, batches
      def batches(piece, style)
        recipe = in_the_home[style] or return
        lacks = lacking([piece]).fetch(piece, []).select { |line| line[:style] == style }.sum { |line| line[:lacks] }
        [recipe[:id], [(lacks / recipe[:batch]).ceil, 1].max]
      end

      private

      def lacking(piece_ids)
        @rows.short_lines(piece_ids).transform_values do |lines|
          lines.map { |line| { **line, lacks: line[:short] - line[:spares_short] } }
               .select { |line| line[:lacks].positive? }
        end
      end

      def coming(styles, purchases, day)
        @purchases.coming(styles).transform_values do |rows|
          rows.map { |row| purchases.include?(row[:purchase]) ? { **row, expected_on: day } : row }
        end
      end

      def tell(all, piece, line, ordered, today)
        recipe = by_style[line[:style]]
        return if ordered.nil? && recipe && recipe[:at_visit]

        comes = ordered || (recipe && (today + dry(recipe))) or return
        key = [piece, line[:step]]
        told = { **line.slice(:style, :label), on: comes, made: ordered.nil? }
        all[key] = [all[key], told].compact.max_by { |one| one[:on] }
      end

      # Days until what is begun now is dry.
      def dry(recipe)
        ((recipe[:active_minutes] + recipe[:drying_minutes]) / DAY_MINUTES).ceil
      end

      # What no supplier brings and a recipe makes in the home.
      def to_make(lacking, coming)
        lacking.transform_values do |lines|
          lines.select { |line| in_the_home.key?(line[:style]) && !ordered?(coming, line[:style]) }
               .group_by { |line| line[:style] }.map { |style, same| making(in_the_home[style], same) }
        end
      end

      def ordered?(coming, style)
        coming.fetch(style, []).any? { |row| row[:expected_on] }
      end

      # A step to lay hands on is of some time.
      def making(recipe, lines)
        lacks = lines.sum { |line| line.fetch(:lacks, 0) }
        batches = [(lacks / recipe[:batch]).ceil, 1].max
        { style: recipe[:product][:style], label: recipe[:product][:name], steps: lines.map { |line| line[:step] }.uniq,
          count: lacks.positive? ? lacks.ceil : nil, minutes: [recipe[:active_minutes] * batches, 1].max,
          drying_minutes: recipe[:drying_minutes] }
      end

      # What was made is there, and may still be drying.
      def made(ticked, lacking)
        makings = ticked.map { |id| id.split("/", 2) }.select { |_, key| key&.start_with?(MAKE) }
        lines = makings.empty? ? {} : @rows.lines(makings.map(&:first).uniq)
        makings.each_with_object({}) do |(piece, key), all|
          style = key.delete_prefix(MAKE)
          same = lines.fetch(piece, []).select { |one| one[:style] == style }
          next if same.empty? || !in_the_home.key?(style) || lacks?(lacking, piece, style)

          (all[piece] ||= []) << making(in_the_home[style], same)
        end
      end

      def lacks?(lacking, piece, style)
        lacking.fetch(piece, []).any? { |line| line[:style] == style }
      end

      # By what comes of them.
      def by_style
        @by_style ||= @recipes.list.to_h { |recipe| [recipe[:product][:style], recipe] }
      end

      def in_the_home
        @in_the_home ||= by_style.select { |_, recipe| recipe[:at_visit] }
      end

      # By when enough of it is there; where never all of it comes, the last that comes.
      def comes_on(rows, lacking)
        left = lacking
        rows.select { |row| row[:expected_on] }.sort_by { |row| row[:expected_on] }.each do |row|
          left -= row[:quantity]
          return row[:expected_on] unless left.positive?
        end
        rows.filter_map { |row| row[:expected_on] }.max
      end
    end
  end
end
