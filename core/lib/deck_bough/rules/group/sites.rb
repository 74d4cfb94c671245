# frozen_string_literal: true

module DeckBough
  module Rules
    module Group
      # Where groups stand along a counter: one before each socket, else one every so often, none where the household
      # works or sits.
      #
      #   Catalogue.answer("group.sites", { "length_m" => 3, "sockets_m" => [0.8, 2.2] })[:sites_m] # => [0.8, 2.2]
      class Sites < Rule
        MOST_SOCKETS = 40
        FREE = [Input.number(:from_m, "Free from", "m", 0..50), Input.number(:to_m, "Free to", "m", 0..50)].freeze

        declare id: "group.sites", title: "Sites along a counter", handbook: "70 Where a grouping goes",
                inputs: [Input.number(:length_m, "Counter", "m", 0.2..50, why: "Something stands on it."),
                         Input.list(:sockets_m, "Sockets", Input.number(:socket, "Socket", "m", 0..50), 0..MOST_SOCKETS,
                                    default: [].freeze),
                         Input.list(:keep_free, "Stretches that stay free", FREE, 0..20, default: [].freeze)],
                outputs: { sites_m: "m", free_share: "share" },
                constants: %w[group.width group.spacing group.free_share]

        def call
          refuse_beyond
          { sites_m: sites, free_share: 1 - ([sites.size * width, given[:length_m]].min / given[:length_m].to_f) }
        end

        def findings(outputs)
          least = house["group.free_share"]
          told = []
          told << finding(:counter_full, percent: (100 * outputs[:free_share]).round, least: (100 * least).round) if
            outputs[:free_share] < least
          told << finding(:sockets_bare, count: bare) if bare.positive?
          told
        end

        def working(outputs)
          says = if given[:sockets_m].empty?
                   "One every #{read_off(house['group.spacing'])} or so, where nothing stays free"
                 else
                   "One before each socket, two near each other behind one"
                 end
          [step(says, "#{long(given[:length_m])}, #{given[:sockets_m].size} sockets", :sites_m, outputs),
           step("What no group takes up", "1 − #{sites.size} × #{long(width)} ÷ #{long(given[:length_m])}", :free_share,
                outputs)]
        end

        private

        def width
          house["group.width"]
        end

        def sites
          @sites ||= given[:sockets_m].empty? ? spaced : before_sockets
        end

        # Stretches of the counter on which a group may stand, those with room for one.
        def stretches
          @stretches ||= begin
            free = given[:keep_free].sort_by { |one| one[:from_m] }
            edges = free.each_with_object([[0.0]]) do |one, found|
              found.last << one[:from_m]
              found << [[one[:to_m], found.last.first].max]
            end
            edges.last << given[:length_m]
            edges.select { |from, to| to - from >= width - 1e-9 }
          end
        end

        def spaced
          stretches.flat_map do |from, to|
            count = [((to - from) / house["group.spacing"]).round, 1].max
            Array.new(count) { |i| from + ((to - from) * (i + 0.5) / count) }
          end
        end

        def before_sockets
          behind_one.map do |sockets|
            from, to = stretch_of(sockets.first)
            (sockets.sum / sockets.size.to_f).clamp(from + (width / 2.0), to - (width / 2.0))
          end
        end

        # Sockets that a group could hide, those a group's width apart together.
        def behind_one
          hidden = given[:sockets_m].select { |socket| stretch_of(socket) }.sort
          hidden.each_with_object([]) do |socket, groups|
            near = groups.last && near?(groups.last.first, socket)
            near ? groups.last << socket : groups << [socket]
          end
        end

        def near?(one, other)
          other - one <= width && stretch_of(one) == stretch_of(other)
        end

        def stretch_of(socket)
          stretches.find { |from, to| socket.between?(from, to) }
        end

        def bare
          given[:sockets_m].count { |socket| stretch_of(socket).nil? }
        end

        def refuse_beyond
          beyond = [*given[:sockets_m], *given[:keep_free].map { |one| one[:to_m] }].find { |at| at > given[:length_m] }
          refuse(:beyond_counter, :length_m, at: read_off(beyond)) if beyond
          refuse(:free_backwards, :keep_free) if given[:keep_free].any? { |one| one[:to_m] < one[:from_m] }
        end
      end
    end
  end
end
