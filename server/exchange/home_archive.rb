# frozen_string_literal: true

require "zip"

module DeckBough
  module Server
    module Exchange
      # All that is kept of a home and its client, for them to have: its plan (docs/home-plan.md), what was shown, said
      # and accepted, visits, the log, who saw it, and its photographs, in one zip.
      #
      #   HomeArchive.new(database, studio, plan: plan, album: album).write(home_id, file)
      class HomeArchive < Store::Table
        # Whose rows go in as they are, each into a file of its own; what is the database's own stays out.
        TABLES = { visits: %i[held_on from_min to_min purpose], log_remarks: %i[season sort says piece_name made_at],
                   log_times: %i[season held_on piece_name who took], visit_acts: %i[kind step says happened_at],
                   home_accesses: %i[account_id on_day changed first_at last_at] }.freeze
        SENT = %i[number sent_at seen_at accepted_at accepted_by accepted_cents document].freeze

        # @param plan [HomePlan]
        # @param album [Server::Photographs::Album]
        def initialize(database, studio, plan:, album:)
          super(database, studio[:id])
          @plan = plan
          @album = album
        end

        # @param to [File, Tempfile]
        # @return [String] what the home is called
        # @raise [Problem] when it is not there
        def write(home_id, to)
          plan = @plan.write(home_id)
          Zip::OutputStream.write_buffer(to) do |zip|
            json(zip, "home-plan", plan)
            TABLES.each { |table, columns| json(zip, table, told(table, columns, home_id)) }
            json(zip, "proposals", proposals(home_id))
            photographs(home_id).each { |id, file| picture(zip, id, file.to_h) }
          end
          plan[:home][:name]
        end

        private

        def json(zip, name, told)
          zip.put_next_entry("#{name.to_s.tr('_', '-')}.json")
          zip.write(JSON.pretty_generate(told))
        end

        def picture(zip, id, file)
          bytes = @album.read(file, :large) or return
          zip.put_next_entry("photographs/#{id}.jpg", nil, nil, Zip::Entry::STORED)
          zip.write(bytes)
        end

        def told(table, columns, home_id)
          names = names_of_people
          rows(table).where(home_id: home_id).order(*columns.reverse).select(*columns).all.map do |row|
            row[:who] = names[row.delete(:account_id)] if row.key?(:account_id)
            row
          end
        end

        def proposals(home_id)
          mine = rows(:proposals).where(home_id: home_id).select(:id)
          { sent: rows(:proposal_editions).where(proposal_id: mine).order(:sent_at).select(*SENT).all,
            said: rows(:proposal_sayings).where(proposal_id: mine).order(:said_at)
                                         .select(:piece_name, :says, :said_at).all }
        end

        # Of what was drawn for proposals only what stands in the last.
        def photographs(home_id)
          drawn = Store::Proposals.new(database, studio_id).last_pictures(home_id).values
          shows = [{ id: drawn }, { note_key: rows(:visit_acts).where(home_id: home_id).select(:key) },
                   { log_remark_id: rows(:log_remarks).where(home_id: home_id).select(:id) },
                   { style_id: rows(:styles).where(owner_home_id: home_id).select(:id) }]
          rows(:photographs).where(deleted_at: nil).where(Sequel.|(*shows)).order(:made_at, :id).select_map(%i[id file])
        end
      end
    end
  end
end
