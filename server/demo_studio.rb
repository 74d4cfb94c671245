# frozen_string_literal: true

module DeckBough
  module Server
    # Puts the demo studio (demo/) into an empty database, through the same stores that people's own data go through.
    class DemoStudio
      FOLDER = File.join(ROOT, "demo")
      PASSWORD = "marrow-quay-2026"
      # Its dates are written as if this were today; the season is as far ahead on every other day.
      WRITTEN_ON = Date.new(2026, 11, 19)
      # What of a thing is not its measures.
      STOCKROOM = %w[known entries].freeze
      LUNCH_MIN = 30
      # What was bought nobody knows when was there when the studio began to count.
      FIRST_COUNT = "2025-01-11"

      # @param today [Date] the day on which it is first opened
      # @param album [Photographs::Album, nil] where pictures are kept; without one nothing was sent to clients
      def initialize(database, password_cost:, today: WRITTEN_ON, album: nil)
        @database = database
        @cost = password_cost
        @today = today
        @album = album
      end

      # @return [String] the studio's id
      def seed
        @database.transaction do
          @studio_id = people
          @boxes = read("boxes").flat_map { |box| box(box) }.to_h
          @made = {}
          @styles = styles
          @looks = looks
          @homes = read("homes").to_h { |home| [home.fetch("name"), home(home)] }
          describe
          read("recipes").each { |recipe| recipe(recipe) }
          visits(read("days"))
          DemoBuying.new(@database, @studio_id, styles: @styles, owner: owner, days: method(:moved)).seed
          DemoLog.new(@database, @studio_id, homes: @homes, days: method(:moved)).seed
          DemoProposals.new(@database, @studio_id, album: @album, days: method(:moved)).seed if @album
        end
        @studio_id
      end

      private

      def read(name)
        YAML.safe_load_file(File.join(FOLDER, "#{name}.yml"))
      end

      # Who works, and when they are where.
      def visits(said)
        workers = Store::Workers.new(@database, @studio_id)
        known = said.fetch("workers").to_h { |worker| [worker.fetch("name"), workers.create(worker)[:id]] }
        days = Store::Visits.new(@database, @studio_id)
        said.fetch("visits").each { |visit| days.create(visit_of(visit, known)) }
      end

      def visit_of(said, workers)
        lunch = said["lunch"] && minutes(said["lunch"])
        { "home" => @homes.fetch(said.fetch("home"))[:id], "held_on" => moved(said.fetch("held_on")).iso8601,
          "purpose" => said.fetch("purpose", Store::Visits::DRESS), "from_min" => minutes(said.fetch("from")),
          "to_min" => minutes(said.fetch("to")), "lunch_from_min" => lunch, "lunch_min" => lunch ? LUNCH_MIN : 0,
          "workers" => workers.values_at(*said.fetch("who")) }
      end

      def minutes(clock)
        hours, minutes = clock.split(":").map(&:to_i)
        (hours * 60) + minutes
      end

      def people
        said = read("studio")
        owner, *others = said.fetch("people")
        account = Store::Studios.new(@database).found(at: Time.now, studio: said.fetch("name"),
                                                      units: said.fetch("units"), password: PASSWORD, cost: @cost,
                                                      **named(owner))
        studio_id = Store::Accounts.new(@database).find(account)[:studio_id]
        others.each do |person|
          Store::Person.add(@database, studio_id, password: PASSWORD, cost: @cost, role: "assistant", **named(person))
        end
        studio_id
      end

      def named(person)
        { name: person.fetch("name"), email: person.fetch("email") }
      end

      def styles
        store = Store::Styles.new(@database, @studio_id)
        read("styles").to_h do |key, style|
          made = store.create(style.except(*STOCKROOM).merge("on_hand" => 0))[:id]
          entries = style["entries"] || [[style.dig("known", "bought_on"), "opening", style.fetch("on_hand")]]
          entries.each { |entry| entry(made, @boxes[key], *entry) }
          [key, made]
        end
      end

      def entry(style, box, day, reason, quantity, note = "", whom = "")
        stock = Store::Stock.new(@database, @studio_id)
        there = stock.on_hand_of([style])[style][:on_hand]
        by = reason == "opening" ? quantity : Stock::Entry.moved(reason, quantity, on_hand: there)
        stock.move(style, by, reason: reason, note: note, whom: whom, made_at: moved(day || FIRST_COUNT).to_time,
                              account_id: owner, at: ->(lots, much) { lots.moved(much, box: box) })
      end

      # What the stockroom knows of things beyond their measures.
      def describe
        store = Store::Styles.new(@database, @studio_id)
        read("styles").select { |_, style| style["known"] }.each do |key, style|
          known = style["known"].merge(days(style["known"]))
          owner = known.delete("owner")
          known["owner_home_id"] = @homes.fetch(owner)[:id] if owner
          store.describe(@styles.fetch(key), store.find(@styles.fetch(key))[:version], known)
        end
      end

      def days(known)
        known.slice(*Stock::Particulars::DAYS.map(&:to_s)).transform_values { |day| moved(day).iso8601 }
      end

      # As far from today as it was written from the day on which it was written.
      def moved(day)
        Date.iso8601(day) + (@today - WRITTEN_ON)
      end

      # @return [Array] the box of each thing, by its key
      def box(said)
        made = Store::Boxes.new(@database, @studio_id).create(said.except("things", "seen"))
        if said["seen"]
          @database[:boxes].where(id: made[:id]).update(seen_at: moved(said["seen"]).to_time, seen_by: owner)
        end
        said.fetch("things").map { |key| [key, made[:id]] }
      end

      def recipe(said)
        materials = said.fetch("materials").map do |key, quantity|
          { "style" => @styles.fetch(key), "quantity" => quantity }
        end
        Store::Recipes.new(@database, @studio_id)
                      .create(said.except("product").merge("style" => @styles.fetch(said["product"]),
                                                           "materials" => materials))
      end

      def owner
        @owner ||= @database[:accounts].where(studio_id: @studio_id, role: "owner").get(:id)
      end

      def looks
        read("looks").each_with_object({}) do |(key, look), ids|
          id = @database[:looks].returning(:id)
                                .insert(studio_id: @studio_id, name: look.fetch("name"), season: look.fetch("season"),
                                        began_from: look["began_from"] && ids.fetch(look["began_from"])).first[:id]
          look.fetch("colours").each_with_index do |colour, i|
            @database[:look_colours].insert(studio_id: @studio_id, look_id: id, position: i,
                                            **colour.transform_keys(&:to_sym))
          end
          look.fetch("styles").each do |style|
            @database[:look_styles].insert(studio_id: @studio_id, look_id: id, style_id: @styles.fetch(style))
          end
          ids[key] = id
        end
      end

      def home(said)
        about = said.except("rooms", "look", "budget_cents")
        home = Store::Homes.new(@database, @studio_id)
                           .create(about.merge("look_id" => @looks.fetch(said["look"]), **dates(said)))
        made = said.fetch("rooms").map { |room| [room(home, room), room] }
        views(made)
        Store::Budgets.new(@database, @studio_id).plan(home[:id], planned_cents: said["budget_cents"])
        home
      end

      def dates(said)
        said.slice(*Store::Homes::DATES.map(&:to_s)).transform_values do |date|
          moved(date).iso8601
        end
      end

      def room(home, said)
        survey = said.except("pieces", *Exchange::HomePlanViews::PARTS).merge("plan" => seen.shut(said["plan"]))
        room = Store::Rooms.new(@database, @studio_id).create(home[:id], survey)
        places = room[:places].to_h { |place| [place[:name], place[:id]] }
        said.fetch("pieces", []).each do |piece|
          settings = named_styles(piece.fetch("kind", "tree"), piece["settings"])
          given = { "name" => piece["name"], "kind" => piece.fetch("kind", "tree"), "settings" => settings,
                    "place_id" => piece["place"] && places.fetch(piece["place"]) }
          made = Store::Pieces.new(@database, @studio_id).create(room[:id], given)
          piece.fetch("versions", []).each { |version| version(made, version, settings) }
          (@made[room[:id]] ||= []) << made
        end
        room
      end

      # Rooms lead to each other by their names.
      def views(made)
        document = made.map { |_, said| { "pieces" => [], **said, "key" => said["name"] } }
        rooms = made.map(&:first)
        seen.make(rooms, document, rooms.to_h { |room| [room[:id], @made.fetch(room[:id], [])] })
      end

      def seen
        Exchange::HomePlanViews.new(@database, @studio_id)
      end

      def named_styles(kind, settings)
        StyleReferences.replace(Kinds.of(kind).groups, settings, @styles)
      end

      # A version says only in what it differs.
      def version(piece, said, settings)
        groups = named_styles(piece[:kind], said.fetch("settings"))
        whole = settings.merge(groups) { |_, group, changes| group.merge(changes) }
        Store::Variants.new(@database, @studio_id).keep(piece[:id], said, Kinds.of(piece[:kind]).check(whole))
      end
    end
  end
end
