# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # The second wall around a studio, in the database itself: within it a statement that forgets to ask for the
      # studio sees and changes nothing of another one. The first wall are the stores, which ask for it.
      #
      #   Fence.within(database, studio_id) { database[:homes].count } # => the studio's own
      #
      # Each table's policy (migration 042) holds for a role of its own. Whoever serves takes that role for as long as
      # one request lasts; migrations, backups and sign-in, which know of no studio yet, stand outside.
      module Fence
        ROLE = "deck_bough_studio"
        STUDIO = "deck_bough.studio"
        # Of no studio: read where it is taken out whole, never changed.
        OUTSIDE = %i[schema_info request_counts sign_in_failures studio_invitations].freeze
        MADE = <<~SQL.freeze
          do $$ begin
            if not exists (select from pg_roles where rolname = '#{ROLE}') then
              begin
                create role #{ROLE} nologin;
              exception when duplicate_object or unique_violation then null;
              end;
            end if;
            if not pg_has_role(current_user, '#{ROLE}', 'member') then
              execute format('grant #{ROLE} to %I', current_user);
            end if;
          end $$
        SQL

        # The database's user may not make roles, and nobody made this one.
        class NoRole < StandardError
          def initialize
            super("The database's user may not make roles. Let whoever runs the database say once: " \
                  "create role #{ROLE} nologin; grant #{ROLE} to the user of DATABASE_URL.")
          end
        end

        module_function

        # @yield with what is the studio's alone
        def within(database, studio_id)
          database.synchronize do |connection|
            stand(connection, ROLE, studio_id)
            yield
          ensure
            leave(connection)
          end
        end

        # For what only the owner of the tables may do, in the middle of it.
        def outside(database)
          database.synchronize do |connection|
            role, studio = connection.exec("select current_user, current_setting('#{STUDIO}', true)").values.first
            return yield if role != ROLE

            begin
              stand(connection, "none", studio)
              yield
            ensure
              stand(connection, ROLE, studio)
            end
          end
        end

        # The role, and what it may touch. Again after every migration: a new table is a table of studios.
        def prepare(database)
          database.run(MADE)
        rescue Sequel::DatabaseError => e
          raise e.wrapped_exception.is_a?(PG::InsufficientPrivilege) ? NoRole.new : e
        end

        def open(database)
          database.run("grant usage on schema public to #{ROLE}")
          database.run("grant usage, select on all sequences in schema public to #{ROLE}")
          database.run("grant select, insert, update, delete on all tables in schema public to #{ROLE}")
          database.run("revoke insert, update, delete on #{(database.tables & OUTSIDE).join(', ')} from #{ROLE}")
        end

        def stand(connection, role, studio_id)
          connection.exec_params("select set_config('role', $1, false), set_config('#{STUDIO}', $2, false)",
                                 [role, studio_id])
        end

        def leave(connection)
          # A transaction around it that failed leaves by itself when it is rolled back.
          return if connection.transaction_status == PG::PQTRANS_INERROR

          stand(connection, "none", "")
        rescue PG::Error
          # Nobody else gets a connection that still stands in a studio.
          connection.finish unless connection.finished?
        end
        private_class_method :stand, :leave
      end
    end
  end
end
