# frozen_string_literal: true

require "tsort"

module DeckBough
  module Server
    module Store
      # A studio goes for good: every row of it, in whatever table, and its people.
      #
      #   StudioRemoval.new(database).call(studio_id) # => { "homes" => 12, "pieces" => 140, ... }
      #
      # Which rows go first is read from the database itself, so that no table that comes later is forgotten.
      class StudioRemoval
        include TSort

        # Of people, who are of a studio.
        OF_PEOPLE = %i[account_active_session_keys known_browsers].freeze

        def initialize(database)
          @database = database
        end

        # @return [Hash{String => Integer}] how many rows of which tables went
        def call(studio_id)
          Forgetting.within(@database) do
            # A whole studio takes as long as it takes.
            @database.run("set local statement_timeout = 0")
            gone = tsort.reverse.to_h { |table| [table.to_s, rows(table, studio_id).delete] }
            gone.select { |_, count| count.positive? }
          end
        end

        private

        def rows(table, studio_id)
          return @database[:studios].where(id: studio_id) if table == :studios
          return @database[table].where(studio_id: studio_id) unless OF_PEOPLE.include?(table)

          @database[table].where(account_id: @database[:accounts].where(studio_id: studio_id).select(:id))
        end

        def tsort_each_node(&)
          owned.each(&)
        end

        # What a table refers to stands before it; from the end on nothing is referred to any more.
        def tsort_each_child(table, &)
          (refers[table] - [table]).each(&)
        end

        def owned
          @owned ||= @database.tables.select do |table|
            table == :studios || OF_PEOPLE.include?(table) ||
              @database.schema(table).any? { |name, _| name == :studio_id }
          end
        end

        def refers
          @refers ||= owned.to_h do |table|
            [table, @database.foreign_key_list(table).map { |key| key[:table] }.uniq & owned]
          end
        end
      end
    end
  end
end
