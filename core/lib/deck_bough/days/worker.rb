# frozen_string_literal: true

module DeckBough
  module Days
    # Somebody who works: how fast, what she can do, when she is there.
    #
    #   Days::Worker.new(id: "bram", pace: 1.4, skills: [], hours: [[480, 720]]).skilled?(nil) # => true
    #
    # pace: times as long as the usual; hours: stretches from, to and where (nil or left out: anywhere), in minutes from
    # the first day's midnight, one after the other.
    Worker = Struct.new(:id, :pace, :skills, :hours, keyword_init: true) do
      # What a studio says of those who work.
      def self.inputs
        @inputs ||= [Input.text(:name, "Name", 1..60),
                     Input.number(:pace, "Pace", "× usual", 0.5..3, default: 1, why: "Somebody works at some pace."),
                     Input.list(:skills, "Can do", Input.choice(:skill, "Skill", HomeSteps::ALL_SKILLS), 0..3,
                                default: [].freeze)].freeze
      end

      def initialize(pace: 1, skills: [], **)
        super
        freeze
      end

      def skilled?(skill)
        skill.nil? || skills.include?(skill)
      end
    end
  end
end
