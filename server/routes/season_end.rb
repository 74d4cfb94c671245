# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # After the day: what goes, what stays, what goes onto what stands empty.
      class SeasonEnd < Resource
        get "/api/homes/:id/season-end", :show
        put "/api/pieces/:id/strip", :choose
        put "/api/homes/:id/spring", :swap_on

        def show
          answer(Server::SeasonEnd.new(context.database, studio).of(id))
        end

        def swap_on
          store(Store::Homes).find(id)
          store(Store::Homes).spring_on(id, said["on"] && spring_day)
          nothing
        end

        def choose
          store(Store::StripChoices).put(id, said["style"], said["stays"])
          nothing
        end

        private

        def spring_day
          day = Date.iso8601(said["on"])
          Store::Visits::YEARS.cover?(day.year) ? day : raise(Date::Error)
        rescue Date::Error
          raise Problem.invalid([{ pointer: "/on", code: "not_a_day",
                                   message: "“#{said['on'][0, 20]}” is no day. Choose one such as 2027-03-01." }])
        end
      end
    end
  end
end
