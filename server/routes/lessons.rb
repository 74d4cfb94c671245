# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # What the log teaches: jobs by house rule, what follows from them, and what was made of that.
      class Lessons < Resource
        get "/api/lessons", :list
        get "/api/lessons/:key", :show
        get "/api/lessons/:key/changes", :changes
        post "/api/lessons/:key/decisions", :decide
        post "/api/decisions/:id/take-back", :take_back
        post "/api/log-times", :tell
        get "/api/log-times/:id", :read
        put "/api/log-times/:id", :correct
        delete "/api/log-times/:id", :delete
        post "/api/log-times/:id/restore", :restore
        get "/api/log-times/:id/history", :history

        def list
          unread = TicksRead.new(context.database, studio).call(today: today)
          answer({ **lessons.all, pending: unread.positive?, decisions: store(Store::LogDecisions).list })
        end

        def show
          answer(lessons.one(part(:key)))
        end

        def changes
          value = lessons.suggested(part(:key))
          changes = LessonChanges.new(context.database, studio, kept: context.kept)
          answer({ value: value, **changes.of(part(:key), value, today: today) })
        end

        def decide
          owner!
          lessons.decide(part(:key), said, account_id: account[:id], day: today)
          answer(lessons.one(part(:key)))
        end

        def take_back
          owner!
          store(Store::LogDecisions).take_back(id, why: said["why"].to_s.strip, account_id: account[:id], day: today)
          nothing
        end

        def tell
          answer(times.create(said, latest: latest), 201)
        end

        def read
          answer(times.find(id))
        end

        def correct
          answer(times.change(id, said["version"], said.except("version"), account_id: account[:id], latest: latest))
        end

        def delete
          times.delete(id, by: account[:id])
          nothing
        end

        def restore
          answer(times.restore(id))
        end

        def history
          answer({ items: times.history(id) })
        end

        private

        # Anew each time: what was decided changes the house rules they are told by.
        def lessons
          Server::Lessons.new(context.database, studio)
        end

        # East of here it is tomorrow already.
        def latest
          today + 1
        end

        def times
          store(Store::LogTimes)
        end
      end
    end
  end
end
