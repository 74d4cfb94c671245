# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What was said of the work in homes, act by act; each counts once by its key, however often it is sent and by
      # whichever of several phones.
      #
      #   acts.progress([home_id]) # => { home_id => { journal:, done: ["…/foot"] } }
      class VisitActs < Table
        # Of a home, over all its visits; nobody says more in a season.
        MOST = 20_000
        PLACE = /\A(\h{8}-\h{4}-\h{4}-\h{4}-\h{12}) ([1-9]\d{0,3})\z/
        YEARS = 2000..2100
        GONE = "What it is about is not there any more."
        ANOTHER_KIND = "What goes on in its place is of another kind. Choose one of the same."

        # Steps that undo another.
        STRUCK = Sequel.like(:step, "%/#{DeckBough::Days::StrikeSteps::OFF.gsub('_', '\\_')}%")
        private_constant :STRUCK

        # In whole microseconds: a time as the database writes it takes longer to read than all the rest of an act.
        HAPPENED = Sequel.lit("(extract(epoch from happened_at) * 1000000)::bigint")
        ACT = [:key, :kind, :step, :turn, :of, :says, :quantity, :account_id, HAPPENED, :visit_id, :on_day, :at_min,
               Sequel.lit("told ->> 'box'")].freeze
        OF_A_THING = %w[broken lost found boxed tested measured].freeze

        # What came of a batch: rows that are new, and which were refused, each with why.
        Taken = Struct.new(:fresh, :refused, keyword_init: true)

        # @return [Hash{String => Hash}] by home: journal (Days::Journal), done (ids of steps)
        def progress(homes)
          acts = of_homes(homes)
          done = rows(:done_steps).where(home_id: homes).select_hash_groups(:home_id, :step)
          homes.to_h do |home|
            [home, { journal: DeckBough::Days::Journal.new(acts.fetch(home, [])), done: done.fetch(home, []) }]
          end
        end

        # Homes in which something was done in taking down.
        #
        # @return [Array<String>] ids
        def begun_to_strike(homes)
          rows(:done_steps).where(home_id: homes).where(STRUCK).distinct.select_order_map(:home_id)
        end

        # Homes of which more was said than the log has read.
        #
        # @return [Array<Array(String, Integer)>] id, how many acts there are
        def unread
          counts = rows(:visit_acts).group_and_count(:home_id)
          database[:homes].where(studio_id: studio_id, deleted_at: nil).join(counts.as(:said), home_id: :id)
                          .where { said[:count] > homes[:acts_read] }
                          .order(Sequel[:homes][:id]).select_map([Sequel[:homes][:id], Sequel[:said][:count]])
        end

        # The log has read so many.
        def read(home, count)
          rows(:homes).where(id: home).update(acts_read: count)
        end

        # @return [DeckBough::Days::Journal]
        def journal(home)
          DeckBough::Days::Journal.new(of_homes([home]).fetch(home, []))
        end

        # Whoever writes to a home's acts waits here for the one before.
        def one_at_a_time(home)
          rows(:homes).where(id: home).for_no_key_update.get(:id) or raise Problem.not_found("home")
        end

        # Writes down what is new of a batch, in its order. What cannot be is refused, and holds up nothing else.
        #
        # @param visit [Hash] as Visits has it
        # @param given [Array<Hash>] as the contract has acts
        # @param of_home [Hash] by the id of each piece and room of the home: :piece or :room
        # @return [Taken]
        def take(visit, given, of_home:, account_id:)
          given.each { |act| key!(act["key"]) }
          keys = given.map { |act| act["key"] }
          known = rows(:visit_acts).where(key: keys).select_map(:key)
          fresh = given.uniq { |act| act["key"] }.reject { |act| known.include?(act["key"]) }
          refuse_more(visit[:home], fresh.size)
          refused = fresh.filter_map { |act| refusal(act, of_home) }
          left = refused.map { |one| one[:key] }
          new = fresh.reject { |act| left.include?(act["key"]) }
                     .filter_map { |act| row_of(act, visit, account_id, refused) }
          database[:visit_acts].multi_insert(new)
          Taken.new(fresh: new, refused: refused)
        end

        # What an act changed of a plan, to be taken back with it.
        def remember(key, told)
          rows(:visit_acts).where(key: key).update(told: Sequel.pg_jsonb(told))
        end

        # What cannot be leaves nothing.
        def forget(key)
          rows(:visit_acts).where(key: key).delete
        end

        # Who said the same of the same thing before, and it stands.
        #
        # @return [String, nil] name
        def said_by_another(act)
          account = twins(act).get(:account_id) and names_of_people[account]
        end

        # @return [Hash, nil] another act that says the same of the same thing, and it stands
        def twin(act)
          twins(act).order(:happened_at, :key).first
        end

        # Whether what an act makes was made by another one that says the same.
        def made?(act)
          twins(act).exclude(Sequel.pg_jsonb_op(:told).get_text("made") => nil).any?
        end

        # @return [Hash, nil] the act an act of the same home takes back, with what it changed
        def taken_back_by(act)
          rows(:visit_acts).where(key: act[:of], home_id: act[:home_id]).first
        end

        # The ornaments that acts put up are those up on the map as well.
        #
        # @param journal [DeckBough::Days::Journal] with the new acts in it
        # @param touched [Array<Hash>] rows of acts
        def hang(journal, touched)
          touched.filter_map { |row| place(row) }.uniq.group_by(&:first).sort.each do |piece, places|
            live = live_places(journal, piece)
            up, down = places.partition { |place| live.key?(place) }
            hang_up(piece, up.map { |place| live[place] })
            take_down(piece, down)
          end
        end

        # @param done [Hash{String => Boolean}] by step, whether it is done now
        def keep_done(home, done)
          return if done.empty?

          rows(:done_steps).where(home_id: home, step: done.keys).delete
          database[:done_steps].multi_insert(done.select { |_, now| now }.keys.map do |step|
            { studio_id: studio_id, home_id: home, step: step }
          end)
        end

        # @return [Array<Hash>] live acts as answers tell them
        def told(journal)
          notes = journal.live.select(&:note?).map(&:key)
          seen = notes.empty? ? {} : Photographs.ids(rows(:photographs), :note_key, notes)
          journal.live.map do |act|
            said = act.to_h.slice(:key, :kind, :step, :turn, :says, :quantity, :by, :visit, :minute, :box)
            said.merge(at: act.at.iso8601(3), photographs: seen.fetch(act.key, []))
          end
        end

        private

        def twins(act)
          back = rows(:visit_acts).where(home_id: act[:home_id], kind: "undo").select(:of)
          rows(:visit_acts).where(act.slice(:home_id, :kind, :step, :turn)).exclude(key: act[:key]).exclude(key: back)
        end

        def of_homes(homes)
          names = names_of_people
          days = Hash.new { |all, told| all[told] = Date.iso8601(told) }
          told = in_one(of_season.where(home_id: homes).order(:happened_at, :key), :home_id, *ACT)
          told.group_by(&:shift).transform_values { |all| all.map { |values| act(values, names, days) } }
        end

        # What was said in seasons that are over is done with.
        def of_season
          since = Seasons.new(database, studio_id).first_day
          since ? rows(:visit_acts).where { on_day >= since } : rows(:visit_acts)
        end

        def act(values, names, days)
          key, kind, step, turn, of, says, quantity, account, at, visit, day, minute, box = values
          DeckBough::Days::Act.new(key: key, kind: kind, step: step, turn: turn, of: of, says: says,
                                   quantity: quantity&.to_f, by: names[account], visit: visit, day: days[day],
                                   at: Time.at(0, at, :usec, in: "UTC"),
                                   minute: minute, box: box)
        end

        def refuse_more(home, more)
          return if rows(:visit_acts).where(home_id: home).count + more <= MOST

          raise wrong("/acts", "Of one home #{MOST} acts are kept at most; these would be more.")
        end

        # @return [Hash, nil] key, message
        def refusal(act, of_home)
          return { key: act["key"], message: "Say which act is taken back." } unless named?(act)

          return { key: act["key"], message: GONE } unless there?(act, of_home)

          { key: act["key"], message: ANOTHER_KIND } unless act["instead"].nil? || same_kind?(act)
        end

        # An act that is taken back has a key, and no other act takes one back.
        def named?(act)
          act["kind"] == "undo" ? Ids.id?(act["of"]) : act["of"].nil?
        end

        def there?(act, of_home)
          kind = of_home[act["step"].to_s.split("/").first]
          return false if act["instead"] && kind_of(act["instead"]).nil?

          style = place_of(act)&.first || style_of(act)
          return kind == :piece && !kind_of(style).nil? if style

          !kind.nil? || act["step"].to_s.empty?
        end

        # A ribbon goes on in the place of a ribbon, an ornament hangs in that of one.
        def same_kind?(act)
          kind_of(act["instead"]) == kind_of(act["turn"])
        end

        # @return [String, nil] of a style there is
        def kind_of(id)
          @kind_of ||= {}
          @kind_of.fetch(id) { @kind_of[id] = Ids.id?(id) ? rows(:styles).where(id: id).get(:kind) : nil }
        end

        def row_of(act, visit, account_id, refused)
          at = Time.iso8601(act["at"])
          raise ArgumentError unless YEARS.cover?(at.year)

          { studio_id: studio_id, home_id: visit[:home], visit_id: visit[:id], account_id: account_id,
            key: act["key"], kind: act["kind"], step: act["step"].to_s, turn: act["turn"].to_s, of: act["of"],
            says: act["says"].to_s.strip, quantity: act["quantity"], happened_at: at,
            on_day: at.to_date, at_min: (at.hour * 60) + at.min,
            told: Sequel.pg_jsonb(act.slice("height_m", "angle_deg", "box", "from_box", "instead")) }
        rescue ArgumentError
          refused << { key: act["key"], message: "“#{act['at'][0, 40]}” is no time of a day." }
          nil
        end

        # What is said of a thing says which.
        def style_of(act)
          return act["turn"].to_s if OF_A_THING.include?(act["kind"])

          act["turn"] if act["kind"] == "used" && Ids.id?(act["turn"])
        end

        def place_of(act)
          act["turn"].to_s.match(PLACE)&.captures if act["kind"] == "up"
        end

        # Piece, style and number of what hangs in a place of its own.
        def place(row)
          row = taken_back_by(row) if row[:kind] == "undo"
          found = row && row[:kind] == "up" && row[:turn].match(PLACE)
          found && [row[:step].split("/").first, found[1], found[2].to_i]
        end

        # @return [Hash] by piece, style and number: key of the act
        def live_places(journal, piece)
          journal.turns_up.values.each_with_object({}) do |act, all|
            found = act.turn.match(PLACE)
            all[[piece, found[1], found[2].to_i]] ||= act.key if found && act.step.start_with?("#{piece}/")
          end
        end

        def hang_up(piece, keys)
          acts = rows(:visit_acts).where(key: keys).order(:turn).all
          hung = acts.map do |act|
            _, style, number = place(act)
            { studio_id: studio_id, piece_id: piece, style_id: style, number: number, account_id: act[:account_id],
              act_key: act[:key], height_m: act[:told]["height_m"] || 0, angle_deg: act[:told]["angle_deg"] || 0 }
          end
          database[:hung_ornaments].insert_conflict.multi_insert(hung)
        end

        # What was ticked on the map stays: that was somebody's own act.
        def take_down(piece, places)
          rows(:hung_ornaments).where(piece_id: piece).exclude(act_key: nil)
                               .where(%i[style_id number] => places.map { |_, style, number| [style, number] }).delete
        end
      end
    end
  end
end
