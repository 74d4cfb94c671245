# frozen_string_literal: true

module DeckBough
  module Server
    # Suppliers of the demo studio, what they ask and what was ordered there.
    class DemoBuying
      SECONDS_OF_RECKONING = 60

      # @param styles [Hash{String => String}] ids by the demo's keys
      # @param days [#call] a day of the demo as far from today as it was written
      def initialize(database, studio_id, styles:, owner:, days:)
        @database = database
        @studio_id = studio_id
        @styles = styles
        @owner = owner
        @days = days
      end

      # Whom a purchase is for is known once every piece has been reckoned.
      def seed
        Store::Budgets.new(@database, @studio_id).ask(0, read("studio").fetch("prices"))
        Needs.new(@database, Store::Studios.new(@database).find(@studio_id), budget: SECONDS_OF_RECKONING).complete
        read("suppliers").each { |said| supplier(said) }
        read("sightings").each do |said|
          Store::Sightings.new(@database, @studio_id).create(said.merge("decide_by" => day(said["decide_by"])).compact)
        end
      end

      private

      def read(name)
        YAML.safe_load_file(File.join(DemoStudio::FOLDER, "#{name}.yml"))
      end

      def suppliers
        @suppliers ||= Store::Suppliers.new(@database, @studio_id)
      end

      def purchases
        @purchases ||= Store::Purchases.new(@database, @studio_id)
      end

      def supplier(said)
        coupons = said.fetch("coupons", []).map { |one| one.merge("until_on" => day(one["until_on"])) }
        closed = said.fetch("closed_on", []).map { |one| day(one) }
        made = suppliers.create(said.except("offers", "purchases").merge("coupons" => coupons, "closed_on" => closed))
        said.fetch("offers").each { |key, packs| packs.each { |pack| offer(made[:id], key, *pack) } }
        said.fetch("purchases", []).each { |one| purchase(made[:id], one) }
      end

      def offer(supplier, key, size, cents, available = nil)
        given = { "style" => @styles.fetch(key), "pack_size" => size, "price_cents" => cents, "available" => available }
        suppliers.offer(supplier, given.compact, asked_on: @days.call(DemoStudio::WRITTEN_ON.iso8601))
      end

      def purchase(supplier, said)
        lines = said.fetch("lines")
        given = { "supplier" => supplier, "lines" => lines.map { |one| line(one) }, "arrived" => said["arrived"],
                  "expected_on" => day(said["expected_on"]) }
        ordered_on = @days.call(said.fetch("ordered_on"))
        made = purchases.order(given, key: SecureRandom.uuid, today: ordered_on, account_id: @owner)
        events = lines.flat_map { |one| happened(one, made) }
        return if events.empty?

        purchases.happen(made[:id], events, key: SecureRandom.uuid, day: ordered_on, account_id: @owner)
      end

      # In packs as the thing is bought.
      def line(said)
        id = @styles.fetch(said.fetch("style"))
        pack = @database[:styles].where(id: id).get(:pack_size)
        about = { "style" => id, "pack_size" => pack, "decide_by" => day(said["decide_by"]) }
        said.slice("packs", "price_cents").merge(about).compact
      end

      def happened(said, made)
        id = made[:lines].find { |one| one[:style] == @styles.fetch(said["style"]) }[:id]
        said.fetch("happened", []).map { |kind, packs| { "line" => id, "kind" => kind, "packs" => packs } }
      end

      def day(text)
        text && @days.call(text).iso8601
      end
    end
  end
end
