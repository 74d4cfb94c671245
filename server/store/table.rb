# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What every store shares: rows of one studio only, versions checked, database errors made ours.
      class Table
        PER_PAGE = 50
        # Two transactions that wait for each other: one is tried again, a few times.
        TRIES = 8
        # A style is locked so that rows may go on to name it: whoever put some in and then waits for the style would
        # otherwise wait for one that waits for those rows.
        UNDER = "FOR NO KEY UPDATE"

        # Inside another transaction it is a part of that one, which then is tried again as a whole.
        def self.tried(database, &)
          again = database.in_transaction? ? {} : { retry_on: Sequel::SerializationFailure, num_retries: TRIES }
          database.transaction(**again, &)
        end

        attr_reader :database, :studio_id

        def initialize(database, studio_id)
          @database = database
          @studio_id = studio_id
        end

        private

        def rows(table)
          database[table].where(studio_id: studio_id)
        end

        def transaction(&)
          Table.tried(database, &)
        rescue Sequel::UniqueConstraintViolation => e
          raise taken(e)
        rescue Sequel::ForeignKeyConstraintViolation
          raise Problem.invalid([{ pointer: "", code: "gone",
                                   message: "Something this refers to is no longer there. Load the page again and " \
                                            "choose it anew." }])
        rescue Sequel::CheckConstraintViolation => e
          raise Problem.invalid(
            [{ pointer: "", code: "refused",
               message: "The database refused this (#{constraint(e)}). Check the values and try again." }]
          )
        end

        def taken(error)
          return error unless constraint(error).end_with?("name_key")

          Problem.invalid([{ pointer: "/name", code: "taken", message: "That name is taken already. Choose another." }])
        end

        def constraint(error)
          error.wrapped_exception.result.error_field(PG::Result::PG_DIAG_CONSTRAINT_NAME).to_s
        end

        # @return [Hash] the row, locked until the transaction ends; what is in something deleted is not there either
        def locked(id, what)
          present.where(id: id).for_update.first or raise Problem.not_found(what)
        end

        def bump(table, row, values)
          rows(table).where(id: row[:id]).update(version: row[:version] + 1, changed_at: Sequel::CURRENT_TIMESTAMP,
                                                 **values)
        end

        # A page of a dataset: { items:, page:, pages:, total: }
        def page(dataset, page, per_page = PER_PAGE, &)
          total = dataset.count
          { items: dataset.limit(per_page, (page - 1) * per_page).all.map(&), page: page,
            pages: [(total / per_page.to_f).ceil, 1].max, total: total }
        end

        # Rows by the thousand, each a list of its columns: the database puts them into one text, which is read in a
        # third of the time. Days come as ISO texts.
        #
        # @return [Array<Array>]
        def in_one(dataset, *columns)
          told = dataset.select(Sequel.function(:json_build_array, *columns).as(:told))
          text = database[told.as(:rows)].get(Sequel.cast(Sequel.function(:json_agg, :told), String))
          text ? JSON.parse(text) : []
        end

        # What the pieces of it kept of stock is free for others.
        #
        # @param pieces [Sequel::Dataset, Array<String>] their ids
        def delete_softly(table, id, what, by:, pieces:)
          transaction do
            row = locked(id, what)
            bump(table, row, deleted_at: Sequel::CURRENT_TIMESTAMP, deleted_by: by)
            Claims.new(database, studio_id).share_out_of(pieces)
          end
        end

        def bring_back(table, id, what, pieces:, **more)
          transaction do
            row = rows(table).where(id: id).exclude(deleted_at: nil).for_update.first or
              raise Problem.not_found("deleted #{what}")
            bump(table, row, deleted_at: nil, deleted_by: nil, **more)
            Claims.new(database, studio_id).share_out_of(pieces)
          end
        end

        # Of what no piece is planned with only the row goes.
        def put_away(table, id, what, by:)
          transaction do
            bump(table, locked(id, what), deleted_at: Sequel::CURRENT_TIMESTAMP, deleted_by: by)
          end
        end

        def take_out_again(table, id, what)
          transaction do
            row = rows(table).where(id: id).exclude(deleted_at: nil).for_update.first or
              raise Problem.not_found("deleted #{what}")
            bump(table, row, deleted_at: nil, deleted_by: nil)
          end
        end

        # @return [Problem] of one field, in words
        def wrong(pointer, message)
          Problem.invalid([{ pointer: pointer, code: "wrong", message: message }])
        end

        # What counts once carries a key of the client's.
        def key!(key)
          return if Ids.id?(key)

          raise Problem.invalid(
            [{ pointer: "/key", code: "no_key",
               message: "The key of an act must be a UUID of its own. Make one and send it again." }]
          )
        end

        def names_of_people
          database[:accounts].where(studio_id: studio_id).to_hash(:id, :name)
        end

        def checked(declared, given, under: "")
          Inputs.check(declared, given)
        rescue InputError => e
          raise Problem.of_faults(e.faults, under: under)
        end
      end
    end
  end
end
