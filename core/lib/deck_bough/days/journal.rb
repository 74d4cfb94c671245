# frozen_string_literal: true

module DeckBough
  module Days
    # How far the work in a home is, from all that was said of it. In whichever order acts come, from however many
    # phones and however often, the same acts tell the same.
    #
    #   Days::Journal.new([Days::Act.new(key: "k", kind: "up", step: "foot", at: 540)]).up?("foot", "") # => true
    #
    # Source: handbook 90, Run sheet ("without loss and without counting twice").
    class Journal
      # By what the state of one step is said; the latest stands.
      STANDING = %w[wait_for skip carry_on].freeze

      # @param acts [Array<Act>]
      def initialize(acts)
        once = acts.uniq(&:key)
        back = once.select(&:undo?).to_h { |act| [act.of, true] }
        @live = once.reject { |act| act.undo? || back.key?(act.key) }.sort_by { |act| [act.at, act.key] }
      end

      # @return [Array<Act>] what stands, as it came to pass
      attr_reader :live

      def up?(step, turn)
        turns_up.key?([step, turn])
      end

      # @return [Hash{Array(String, String) => Act}] by step and turn, the act that was first
      def turns_up
        @turns_up ||= live.select(&:up?).each_with_object({}) { |act, all| all[[act.step, act.turn]] ||= act }
      end

      def begun?(step)
        begun.key?(step)
      end

      # @return [Act, nil] what it waits for, as long as nobody carried on
      def waiting(step)
        standing[step]&.then { |act| act if act.wait_for? }
      end

      # @return [Array<Act>] of every step that waits, what was said of it last
      def waits
        standing.values.select(&:wait_for?)
      end

      private

      def begun
        @begun ||= turns_up.each_key.to_h { |step, _| [step, true] }
      end

      def standing
        @standing ||= live.select { |act| STANDING.include?(act.kind) }.to_h { |act| [act.step, act] }
      end
    end
  end
end
