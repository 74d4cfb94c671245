# frozen_string_literal: true

module DeckBough
  module Days
    # Something to be done on a day: how long it takes, by how many, what has to be done before it.
    #
    #   Days::Step.new(id: "swags", minutes: 40, people: 2, skill: "heights").id # => "swags"
    #
    # minutes: at pace 1, with all its people; site: where, nil where it is all the same; after: waits in minutes by the
    # id of each that comes before; not_before, ready_by: minutes from the first day's midnight, nil where nothing is
    # said. Source: handbook 90, Schedule.
    Step = Struct.new(:id, :minutes, :people, :skill, :site, :after, :not_before, :ready_by, keyword_init: true) do
      def initialize(people: 1, skill: nil, site: nil, after: {}, not_before: nil, ready_by: nil, **)
        super
        freeze
      end

      # How long it takes where the slowest of those who do it works at a pace.
      def minutes_at(pace)
        (minutes * pace).ceil
      end
    end
  end
end
