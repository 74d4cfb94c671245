# frozen_string_literal: true

module DeckBough
  module Server
    # What the core has to say of a body that the contract objects to, by operation.
    #
    #   CheckedBodies::ALL.fetch("createRoom").call({ "width_m" => -1 }).map(&:code)
    #   # => ["missing", "negative", "missing", "missing"]
    module CheckedBodies
      module_function

      # @return [Array<Fault>]
      def room(body)
        faults_of { Survey.room(body.except("version")) }
      end

      def home(body)
        faults_of { Inputs.check(Survey::HOME, named(Survey::HOME, body)) }
      end

      def style(body)
        faults_of { Inputs.check(Style::INPUTS, named(Style::INPUTS, body)) }
      end

      def named(inputs, body)
        body.slice(*inputs.map { |input| input.name.to_s })
      end

      def faults_of
        yield
        []
      rescue InputError => e
        e.faults
      end
      private_class_method :named, :faults_of

      ALL = { "createRoom" => method(:room), "changeRoom" => method(:room), "createHome" => method(:home),
              "changeHome" => method(:home), "createStyle" => method(:style), "changeStyle" => method(:style) }.freeze
    end
  end
end
