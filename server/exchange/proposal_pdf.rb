# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # A proposal on paper: the drawings by day and by dusk, rooms and pieces, what it comes to, and room for a name.
      #
      #   ProposalPdf.of(edition, photographs: photographs).render # => "%PDF-1.3…"
      class ProposalPdf < SheetPdf
        ROW = 16
        LIGHTS = %w[day dusk].freeze
        GAP = 10
        # A drawing is so much as high as it is wide; that of a piece so large.
        DRAWN = 760.0 / 1600
        # What a piece without a picture takes.
        WORDS = 70
        PIECE = [72, 72].freeze
        SIGN_HERE = "Name, date"

        # @param edition [Hash] as Store::Proposals tells it
        # @param photographs [Store::Photographs]
        # @param paper ["a4", "letter"]
        def self.of(edition, photographs:)
          document = edition[:document]
          new(ClientPage.new(document, choices: edition[:choices]), edition, photographs,
              title: document[:home], under: document[:studio], paper: document[:paper], day: edition[:sent_at].to_date)
        end

        def initialize(told, edition, photographs, **sheet)
          super(**sheet)
          @told = told
          @document = edition[:document]
          @edition = edition
          @photographs = photographs
        end

        private

        def content
          heading(@document[:client].empty? ? "dressed for winter" : "dressed for winter, for #{@document[:client]}")
          @page.text plain(@told.when_told), size: 10
          greeting
          @page.move_down 10
          rooms
          price if @document[:with_prices]
          list("Still open", @document[:open_points])
          list("Kept safe", @document[:safe].map { |one| one[:says] })
          agreed
        end

        def greeting
          return if @document[:greeting].empty?

          @page.move_down 6
          @page.text plain(@document[:greeting]), size: 10
        end

        def rooms
          @document[:rooms].each do |room|
            drawings(room)
            title(room[:name])
            room[:pieces].each { |piece| piece(piece) }
            @page.move_down 8
          end
        end

        # By day and by dusk beside one another.
        def drawings(room)
          there = LIGHTS.filter_map do |light|
            picture("walls:#{room[:id]}:#{light}", :large) || picture("room:#{room[:id]}:#{light}", :large)
          end
          return if there.empty?

          wide = (@page.bounds.width - GAP) / 2
          @page.start_new_page if @page.cursor < (wide * DRAWN) + 60
          top = @page.cursor
          high = there.each_with_index.map do |bytes, i|
            @page.image(StringIO.new(bytes), at: [i * (wide + GAP), top], fit: [wide, wide * DRAWN]).scaled_height
          end
          @page.move_down(high.max + 8)
        end

        def piece(piece)
          bytes = picture("piece:#{piece[:id]}", :small)
          @page.start_new_page if @page.cursor < (bytes ? PIECE.last + 12 : WORDS)
          bytes ? beside(bytes, piece) : words(piece)
          @page.move_down 8
        end

        def beside(bytes, piece)
          top = @page.cursor
          @page.image(StringIO.new(bytes), at: [0, top], fit: PIECE)
          @page.bounding_box([PIECE.first + 12, top], width: @page.bounds.width - PIECE.first - 12) { words(piece) }
          @page.move_cursor_to([@page.cursor, top - PIECE.last].min)
        end

        def words(piece)
          @page.text plain(piece[:name]), size: 11, style: :bold
          @page.text plain(piece[:told]), size: 9, color: QUIET
          ClientPage::NAMED.each do |key, word|
            @page.text plain("#{word}: #{piece[key].join(' · ')}"), size: 9 if piece[key].any?
          end
          chosen = @told.chosen.find { |one| one[:piece] == piece[:id] }
          @page.text plain("chosen: #{chosen[:version]}"), size: 9 if chosen
        end

        def picture(what, size)
          id = @edition[:pictures][what]
          id && @photographs.read(id, size)
        rescue Problem
          # Its file is gone; the words are there.
          nil
        end

        def price
          title("What it comes to")
          @told.price[:lines].each do |line|
            line([line[:says], line[:told]].reject(&:empty?).join(", "), line[:amount])
          end
          line(["Together", *@told.price[:chosen]].join(", "), @told.price[:total], :bold)
          deposit
          @page.text plain(@told.price[:yours]), size: 9, color: QUIET
          @page.move_down 10
        end

        def deposit
          return unless @told.price[:deposit]

          line("Of that before we begin", @told.price[:deposit])
          line("and after it stands", @told.price[:balance])
        end

        def line(says, amount, style = :normal)
          @page.start_new_page if @page.cursor < ROW
          wide = @page.bounds.width
          @page.text_box plain(says), at: [0, @page.cursor - 3], width: wide - 100, height: ROW, size: 10,
                                      overflow: :shrink_to_fit, style: style
          @page.text_box plain(amount), at: [wide - 95, @page.cursor - 3], width: 95, height: ROW, size: 10,
                                        align: :right, style: style
          @page.move_down ROW
        end

        def list(name, says)
          return if says.empty?

          title(name)
          says.each do |one|
            @page.text plain("–  #{one}"), size: 9.5
            @page.move_down 2
          end
          @page.move_down 8
        end

        def agreed
          @page.start_new_page if @page.cursor < 70
          @page.move_down 18
          return signed if @edition[:accepted_at]

          @page.stroke_color LINE
          @page.stroke_horizontal_line 0, 260
          @page.move_down 4
          @page.text SIGN_HERE, size: SMALL, color: QUIET
        end

        def signed
          told = "#{@edition[:accepted_by]} said yes on #{@edition[:accepted_at].strftime('%-d %B %Y')}"
          told += ", to #{@told.money(@edition[:accepted_cents])}" if @document[:with_prices]
          @page.text plain("#{told}."), size: 11, style: :bold
        end
      end
    end
  end
end
