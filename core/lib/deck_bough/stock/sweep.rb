# frozen_string_literal: true

module DeckBough
  module Stock
    # What is asked, one by one, before a thing is given away or sold: whose keepsake it is, what still lies inside.
    #
    #   Stock::Sweep.questions({ kind: "ornament", keepsake: true, parts: [] }, []).map { |one| one[:id] }
    #   # => ["keepsake"]
    #
    # Source: handbook 80, Stock (before anything leaves the house).
    module Sweep
      # What has a case, pockets or a hollow.
      HOLLOW = %w[tree decor light].freeze

      module_function

      # @param thing [Hash] kind, keepsake, keepsake_of, keepsake_year, parts, belongs_with as a style has them
      # @param boxes [Array<Integer>] numbers of the boxes it lies in
      # @param owner [String, nil] whose own it is
      # @return [Array<Hash>] id, asks
      def questions(thing, boxes, owner: nil)
        [keepsake(thing), (asked("owner", :sweep_owner, owner: owner) if owner),
         (asked("inside", :sweep_inside) if HOLLOW.include?(thing[:kind])),
         (asked("parts", :sweep_parts, parts: thing[:parts].join(", ")) if thing[:parts].any?),
         (asked("belongs", :sweep_belongs, with: thing[:belongs_with]) if thing[:belongs_with]),
         *boxes.map { |number| asked("box #{number}", :sweep_box, number: number) }].compact
      end

      def keepsake(thing)
        return unless thing[:keepsake] || thing[:keepsake_of]

        whose = [thing[:keepsake_of] || "somebody", thing[:keepsake_year]].compact.join(", ")
        asked("keepsake", :sweep_keepsake, whose: whose)
      end

      def asked(id, code, **values)
        { id: id, asks: Messages.error(code, values) }
      end
      private_class_method :keepsake, :asked
    end
  end
end
