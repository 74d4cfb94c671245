# frozen_string_literal: true

module DeckBough
  module Server
    # What past seasons of the demo studio took, and what was noted and decided then.
    class DemoLog
      SEASON = DeckBough::Stock::Wear

      # @param homes [Hash{String => Hash}] by name
      # @param days [#call] a day of the demo as far from today as it was written
      def initialize(database, studio_id, homes:, days:)
        @database = database
        @studio_id = studio_id
        @homes = homes
        @days = days
        @times = Store::LogTimes.new(database, studio_id)
        @said = YAML.safe_load_file(File.join(DemoStudio::FOLDER, "log.yml"))
      end

      def seed
        @said.fetch("times").each do |rule, jobs|
          jobs.each { |job| tell(job, [{ "rule" => rule, "base" => job["base"], "high" => job.fetch("high", 0) }]) }
        end
        @said.fetch("together").each do |job|
          tell(job, job.fetch("parts").map { |rule, base| { "rule" => rule, "base" => base } })
        end
        @said.fetch("decisions").each { |decision| decide(decision) }
        @said.fetch("remarks").each { |remark| note(remark) }
      end

      private

      def tell(job, parts)
        place = place(job)
        named = place[:piece_id] ? { "piece" => place[:piece_id] } : { "piece_name" => job.fetch("piece") }
        @times.create({ "key" => SecureRandom.uuid, "held_on" => place[:held_on].iso8601, "home" => place[:home_id],
                        "took" => job.fetch("took"), "who" => job.fetch("who"), "pace" => job.fetch("pace", 1),
                        "parts" => parts, **named }, latest: place[:held_on])
      end

      # Rooms, and pieces that are no more, go by their name.
      def place(said)
        home = @homes.fetch(said.fetch("home"))
        { home_id: home[:id], piece_id: pieces(home[:id])[said.fetch("piece")], held_on: @days.call(said.fetch("on")) }
      end

      def pieces(home)
        @pieces ||= {}
        @pieces[home] ||= @database[:pieces].join(:rooms, id: :room_id).where(home_id: home)
                                            .select_hash(Sequel[:pieces][:name], Sequel[:pieces][:id])
      end

      def people
        @people ||= @database[:accounts].where(studio_id: @studio_id).select_hash(:name, :id)
      end

      def decide(said)
        by = people.fetch(said.fetch("by"))
        @database[:log_decisions].insert(
          studio_id: @studio_id, key: SecureRandom.uuid, account_id: by, decided_on: @days.call(said.fetch("on")),
          **said.except("on", "by", "back", "why").transform_keys(&:to_sym), **taken_back(said, by)
        )
      end

      def taken_back(said, account)
        return {} unless said["back"]

        { taken_back_on: @days.call(said["back"]), taken_back_by: account, taken_back_why: said.fetch("why") }
      end

      def note(said)
        place = place(said)
        @database[:log_remarks].insert(
          studio_id: @studio_id, key: SecureRandom.uuid, account_id: people.values.min, **place,
          home_name: said.fetch("home"), piece_name: said.fetch("piece"), season: SEASON.season_of(place[:held_on]),
          sort: said.fetch("sort"), says: said.fetch("says")
        )
      end
    end
  end
end
