# frozen_string_literal: true

module DeckBough
  module Server
    # A room as a whole, from what is kept of its home: plans, where pieces are, outlines as last reckoned, places to
    # look from, paint. Stores nothing.
    #
    #   RoomViews.new(database, studio).of(room_id)[:walls].first[:balance]
    #   RoomViews.new(database, studio, moved: { piece: id, wall: "left", at_m: 1.2, out_m: nil }).of(room_id)
    class RoomViews
      # @param moved [Hash, nil] a piece as it is being dragged: piece, wall, at_m, out_m
      def initialize(database, studio, moved: nil)
        @studio = studio
        @moved = moved
        @homes = Store::Homes.new(database, studio[:id])
        @survey = Store::Rooms.new(database, studio[:id])
        @pieces = Store::Pieces.new(database, studio[:id])
        @rows = Store::Needs.new(database, studio[:id])
        @needs = Needs.new(database, studio)
        @viewpoints = Store::Viewpoints.new(database, studio[:id])
        @paints = Store::Paints.new(database, studio[:id])
        @looks = Store::Looks.new(database, studio[:id])
        @styles = Store::Styles.new(database, studio[:id])
      end

      # @return [Hash] as Rooms::RoomView tells it, with the room and home around it, portraits of its pieces, the
      #   colours each view and the room show, places it could be looked at from, and how many are still to be reckoned
      def of(room_id)
        room = gather(room_id)
        view = view(room_id)
        told = view.call
        { room: room.slice(:id, :name, :version, :width_m, :depth_m), home: @home.slice(:id, :name),
          **told, standings: told[:standings].map { |one| { **one, **kept_of(one[:id]) } },
          views: told[:views].zip(view.views).map { |one, seen| view_told(room_id, one, seen) },
          offered: offered(room_id, view.plan), open_to: named(view.open_to),
          pending: @listed.count { |piece| piece[:room_id] == room_id && @reckoned[piece[:id]].nil? },
          undressed: undressed(room_id) }
      end

      # @return [Hash, nil]
      def working(room_id, key)
        gather(room_id)
        view(room_id).working(key)
      end

      # What would quiet a view in which two compete.
      #
      # @param planning [Planning] plans each way before it is offered
      # @return [Array<Hash>] as Rooms::Offers tells them, each with where its piece is kept to be
      def offers(viewpoint_id, planning)
        viewpoint = @viewpoints.find(viewpoint_id)
        gather(viewpoint[:room_id])
        offers = DeckBough::Rooms::Offers.new(viewpoint[:room_id], rooms, viewpoint, @needs.house,
                                              units: @studio[:units])
        loud = offers.quieted or return []

        piece = @pieces.find(loud[:id])
        place = piece.slice(*Store::Positions::FIELDS)
        offers.call(tried(piece, planning), movable: Kinds.of(piece[:kind]).movable)
              .map { |offer| { **offer, place: place } }
      end

      # The questions of stepping back from a viewpoint.
      #
      # @param looked [#call] ids of pieces that are seen → what the figures of each say
      # @return [Array<Hash>] as Rooms::Round tells them
      def round(viewpoint, looked)
        room = viewpoint[:room_id]
        gather(room)
        seen = view(room).views.find { |one| one.viewpoint[:id] == viewpoint[:id] }
        DeckBough::Rooms::Round.new(room, rooms, viewpoint, looked.call(seen.told.map { |one| one[:id] }),
                                    colours(room, seen), @needs.house, units: @studio[:units]).call
      end

      # What ties a room to those it sees.
      #
      # @return [Array<Hash>] as Rooms::Links tells it, with the other room
      def links(room_id)
        gather(room_id)
        here = things(room_id)
        view(room_id).open_to.map do |id|
          told = DeckBough::Rooms::Links.between(here, things(id), @needs.house, units: @studio[:units])
          { room: { id: id, name: @by_id.fetch(id)[:name] }, **told }
        end
      end

      # How a home reads, in short.
      #
      # @return [Hash] leads (room, room_id, from, says, verdict), notes (sentences), walls (room, name, length_m,
      #   ceilings, colour, pieces with at_m, middle_m and portrait); JSON-ready
      def reading(home_id)
        gather_home(home_id)
        told = @by_id.keys.filter_map { |id| [id, view(id)] if @seen_from.key?(id) }.to_h
        { leads: told.flat_map { |id, view| leads(id, view) }.first(MOST_LEADS), walls: walls(told.keys),
          notes: told.values.flat_map { |view| notes(view) }.uniq.first(MOST_NOTES) }
      end

      # So much of a home is told in short.
      MOST_LEADS = 6
      MOST_NOTES = 3
      MOST_WALLS = 3
      private_constant :MOST_LEADS, :MOST_NOTES, :MOST_WALLS

      # The core's view of a room that was gathered.
      #
      # @return [Rooms::RoomView]
      def view(room_id)
        DeckBough::Rooms::RoomView.new(room_id, rooms, @seen_from.fetch(room_id, []), @needs.house,
                                       units: @studio[:units])
      end

      private

      def gather(room_id)
        @survey.find(room_id).tap { |room| gather_home(room[:home_id]) }
      end

      def gather_home(home_id)
        @home = @homes.find(home_id)
        @needs.complete
        all = @survey.of_home(@home[:id])
        @by_id = all.to_h { |one| [one[:id], one] }
        @listed = @pieces.listed(@by_id.keys)
        @reckoned = @needs.of([@home], all, @listed)
        @seen_from = @viewpoints.of_rooms(@by_id.keys)
      end

      def leads(id, view)
        view.views.map do |one|
          { room: @by_id[id][:name], room_id: id, from: one.viewpoint[:name], says: one.says,
            verdict: one.answer.outputs[:verdict] }
        end
      end

      def notes(view)
        told = view.call
        found = told[:findings] + told[:views].flat_map { |one| one[:findings] }
        found.reject { |finding| finding[:severity] == "info" }.map { |finding| finding[:message] }
      end

      # Those with most of ours on them.
      def walls(room_ids)
        found = room_ids.flat_map { |id| rooms[id][:plan].walls.map { |wall| [id, wall, pieces_at(id, wall)] } }
        most = found.max_by(MOST_WALLS) { |_, _, there| there.sum { |one| one.outline.area_m2 } }
        most.reject { |_, _, there| there.empty? }.map { |id, wall, there| wall_told(id, wall, there) }
      end

      def pieces_at(id, wall)
        rooms[id][:standings].select { |one| one.piece && one.wall.key == wall.key }
      end

      def wall_told(id, wall, there)
        plan = rooms[id][:plan]
        drawn = there.map do |one|
          { at_m: one.at_m, middle_m: one.outline.middle_m,
            portrait: JSON.parse(JSON.generate(@reckoned.dig(one.id, :portrait))) }
        end
        { room: @by_id[id][:name], name: wall.name, length_m: wall.length, colour: wall.colour || rooms[id][:paint],
          ceiling_left_m: plan.ceiling_at(wall.from), ceiling_right_m: plan.ceiling_at(wall.to), pieces: drawn }
      end

      # @return [Hash] as Rooms::RoomView takes them
      def rooms
        @rooms ||= gathered
      end

      def gathered
        outlines = @rows.outlines(@listed.map { |piece| piece[:id] })
        paints = @paints.first_of(@by_id.keys)
        pieces = @listed.map { |piece| { **where(piece), outline: outlines[piece[:id]] } }
        by_room = pieces.group_by { |piece| piece[:room_id] }
        @by_id.to_h do |id, room|
          plan = DeckBough::Rooms::FloorPlan.of(room)
          standings = DeckBough::Rooms::Layout.of(plan, room[:places], by_room.fetch(id, []))
          [id, { name: room[:name], plan: plan, standings: standings, paint: paints[id] }]
        end
      end

      def where(piece)
        return piece unless @moved && @moved[:piece] == piece[:id]

        { **piece, **@moved.slice(:wall, :at_m, :out_m) }
      end

      def named(ids)
        ids.map { |id| { id: id, name: @by_id.fetch(id)[:name] } }
      end

      # How a piece is drawn, and where it is kept to be: what whoever moves it has to know.
      def kept_of(id)
        piece = @listed.find { |one| one[:id] == id }
        { portrait: @reckoned.dig(id, :portrait), place: piece&.slice(*Store::Positions::FIELDS) }
      end

      def view_told(room_id, told, view)
        kept = @seen_from.fetch(room_id).find { |viewpoint| viewpoint[:id] == told[:id] }
        seen = told[:seen].map { |one| { **one, **(one[:room] == room_id ? HERE : beyond(one)) } }
        { **told, seen: seen, version: kept[:version], colours: colours(room_id, view) }
      end

      # What is in the room itself is drawn as its standing is.
      HERE = { portrait: nil, middle_m: nil }.freeze
      private_constant :HERE

      # How a piece of a room beyond is drawn.
      def beyond(one)
        standing = rooms.fetch(one[:room])[:standings].find { |there| there.id == one[:id] }
        { portrait: @reckoned.dig(one[:id], :portrait), middle_m: standing.outline.middle_m }
      end

      # Colour really seen from a place: of each piece as much as is seen of it.
      def colours(room_id, view)
        @worn, @own = @looks.of_home(@home[:id]) unless @worn
        palette = @worn[room_id] or return
        @areas ||= @rows.seen(@listed.map { |piece| piece[:id] } - @own)
        parts = view.told.filter_map { |one| part(@areas[one[:id]], one[:share]) }
        DeckBough::Looks::Together.of(parts, palette, @needs.house)
      end

      def part(seen, share)
        seen && { areas: seen[:areas].transform_values { |area| area * share }, ground: seen[:ground],
                  surface_m2: seen[:surface_m2] * share }
      end

      # Places to look from where nobody looks from yet.
      def offered(room_id, plan)
        known = @seen_from.fetch(room_id, [])
        DeckBough::Rooms::Viewpoint.offered(plan).reject do |one|
          known.any? { |there| Math.hypot(there[:x_m] - one[:x_m], there[:y_m] - one[:y_m]) < SAME_PLACE_M }
        end
      end

      # Whoever looks from nearer sees the same.
      SAME_PLACE_M = 1.0
      private_constant :SAME_PLACE_M

      # What the pieces of a room take, and how strong its lights are.
      def things(room_id)
        ids = @listed.select { |piece| piece[:room_id] == room_id }.map { |piece| piece[:id] }
        # What a piece leaves of a thing its last line of it tells.
        lines = @rows.lines(ids).values.flat_map { |of_it| of_it.reverse.uniq { |line| line[:style] || line } }
        { name: @by_id.fetch(room_id)[:name], lights: @rows.lights(ids), things: @styles.linked(lines) }
      end

      # Pieces of the room of which there is nothing yet to be seen; of some kinds there never is.
      def undressed(room_id)
        outlined = rooms.fetch(room_id)[:standings].map(&:id)
        here = @listed.select { |piece| piece[:room_id] == room_id && Kinds.of(piece[:kind]).seen }
        here.reject { |piece| outlined.include?(piece[:id]) }.map { |piece| piece.slice(:id, :name, :kind) }
      end

      # Each way is planned, so that what it is said to do is what it does; what cannot be planned is no way.
      def tried(piece, planning)
        planning.of(piece).quieter.filter_map do |way|
          plan = planning.of(piece, settings: way[:settings])
          outline = plan.outline
          outline && { **way, outline: outline, settings: Kinds.of(piece[:kind]).check(way[:settings]) }
        rescue Problem, UnplannableError
          nil
        end
      end
    end
  end
end
