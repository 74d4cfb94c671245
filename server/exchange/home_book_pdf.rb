# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # A home of the studio's book, on paper: drawing beside photographs, room by room.
      #
      #   HomeBookPdf.new(told, photographs, title: "Number Nine", under: "Wick & Fennel").render # => "%PDF-1.3…"
      class HomeBookPdf < SheetPdf
        ROW = 16
        GAP = 8
        # As high as pictures beside one another are.
        HIGH = 150
        ACROSS = 3

        # @param told [Hash] as HomeBook tells it
        # @param photographs [Store::Photographs]
        def initialize(told, photographs, **sheet)
          super(**sheet)
          @told = told
          @photographs = photographs
        end

        private

        def content
          heading(["Season #{@told[:season]}", @told[:home][:client]].reject { |one| one.to_s.empty? }.join(", "))
          figures
          beside([["before", @told[:before]], ["after", @told[:after]]])
          words(@told[:client])
          @told[:rooms].each { |room| room(room) }
        end

        def figures
          figures = @told[:figures] or return
          worked = "#{figures[:took].round} minutes of #{figures[:planned].round} planned" if figures[:took].positive?
          @page.text plain(["Spent #{money(figures[:bought_cents])}", "from stock #{money(figures[:stock_cents])}",
                            worked].compact.join(", ")), size: 10
          @page.move_down 8
        end

        def money(cents)
          Money.print(cents, @told[:currency])
        end

        def room(room)
          title(room[:name])
          beside([["drawn, by day", [room[:day]]], ["drawn, by dusk", [room[:dusk]]]])
          room[:pieces].each { |piece| piece(piece) }
        end

        def piece(piece)
          @page.start_new_page if @page.cursor < 3 * ROW
          @page.text plain(piece[:name]), size: 11, style: :bold
          @page.text plain(piece[:told]), size: 9, color: QUIET
          @page.move_down 4
          beside([["drawn", [piece[:drawn]]], ["before", piece[:before]], ["after", piece[:after]]])
          words(piece[:client])
          @page.move_down 6
        end

        # Pictures beside one another, each with the word for what it is.
        def beside(named)
          there = named.flat_map { |word, ids| ids.compact.filter_map { |id| (bytes = picture(id)) && [word, bytes] } }
          there.each_slice(ACROSS) { |row| row(row) }
        end

        def row(pictures)
          @page.start_new_page if @page.cursor < HIGH + ROW
          wide = (@page.bounds.width - (GAP * (ACROSS - 1))) / ACROSS
          top = @page.cursor
          high = pictures.each_with_index.map do |(word, bytes), i|
            left = i * (wide + GAP)
            shown = @page.image(StringIO.new(bytes), at: [left, top], fit: [wide, HIGH]).scaled_height
            @page.text_box plain(word), at: [left, top - shown - 3], width: wide, height: ROW, size: SMALL
            shown
          end
          @page.move_down(high.max + ROW + 2)
        end

        def picture(id)
          @photographs.read(id, :large)
        rescue Problem
          # Its file is gone; the others are there.
          nil
        end

        def words(says)
          says.each { |one| @page.text plain("“#{one}”"), size: 9.5 }
        end
      end
    end
  end
end
