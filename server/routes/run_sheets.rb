# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # One visit as it is worked from, and what is said of it meanwhile.
      class RunSheets < Resource
        get "/api/visits/:id/run-sheet", :read
        get "/api/visits/:id/run-sheet.pdf", :print
        get "/api/visits/:id/acts", :state
        post "/api/visits/:id/acts", :take

        # Seconds. A phone whose clock is further off than that is put right by what it shows when it sends: whose acts
        # came first is told by their times.
        OFF = 120

        def read
          answer(sheets.of(id, today: today))
        end

        def print
          told = sheets.of(id, today: today)
          pdf = Exchange::VisitPdf.new(told, units: studio[:units], title: told[:home][:name], under: studio[:name],
                                             day: today, paper: studio[:paper])
          file(pdf.render, "application/pdf", "#{told[:home][:name]}-#{told[:visit][:held_on]}.pdf")
        end

        def state
          answer(sheets.state(store(Store::Visits).find(id)))
        end

        def take
          store(Store::Visits).find(id)
          acts = put_right(said["acts"])
          taken = sheets.take(id, acts, account_id: account[:id], today: today)
          context.note(Middleware::Watched::WAITED, waited(acts))
          answer(taken)
        end

        private

        def put_right(acts)
          ahead = clock_ahead
          ahead.abs < OFF ? acts : acts.map { |act| { **act, "at" => earlier(act["at"], ahead) } }
        end

        # By how much the phone's clock is ahead of the clock on the wall here, whatever day the studio is shown on.
        def clock_ahead
          said["sent_at"] ? Time.iso8601(said["sent_at"]) - Time.now : 0
        rescue ArgumentError
          raise Problem.invalid([{ pointer: "/sent_at", code: "no_time",
                                   message: "“#{said['sent_at'][0, 40]}” is no time of a day." }])
        end

        def earlier(text, seconds)
          (Time.iso8601(text) - seconds).iso8601(3)
        rescue ArgumentError
          # It is refused by itself.
          text
        end

        # How long acts lay on a phone, seconds.
        def waited(acts)
          acts.filter_map { |act| waited_since(act["at"]) }
        end

        def waited_since(time)
          context.now - Time.iso8601(time)
        rescue ArgumentError
          # What is no time was told as such.
          nil
        end

        def sheets
          Server::RunSheets.new(context.database, studio, planning: planning, kept: context.kept)
        end
      end
    end
  end
end
