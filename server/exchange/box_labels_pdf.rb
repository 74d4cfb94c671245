# frozen_string_literal: true

require "rqrcode_core"

module DeckBough
  module Server
    module Exchange
      # Labels of boxes on plain paper, eight a page: a number to be read across the loft, where the box stands, and a
      # code that opens its page.
      #
      #   BoxLabelsPdf.new([{ number: 14, name: "Glass", place: "Loft left", address: "https://…/boxes/14" }],
      #                    studio: "Wick & Fennel").render # => "%PDF-1.3…"
      class BoxLabelsPdf < SheetPdf
        ACROSS = 2
        DOWN = 4
        INSET = 12
        CODE = 92
        # Modules of white round a code, without which it is not read.
        QUIET_ZONE = 4

        # @param labels [Array<Hash>] number, name, place, address
        def initialize(labels, studio:, paper: "a4")
          super(title: "Box labels", under: studio, paper: paper)
          @labels = labels
          @studio = studio
        end

        private

        def content
          @labels.each_slice(ACROSS * DOWN).with_index do |page, i|
            @page.start_new_page if i.positive?
            page.each_with_index { |label, place| label(label, place) }
          end
        end

        def label(told, place)
          wide = @page.bounds.width / ACROSS
          tall = @page.bounds.height / DOWN
          left = (place % ACROSS) * wide
          top = @page.bounds.top - ((place / ACROSS) * tall)
          cutting_line(left, top, wide, tall)
          words(told, left + INSET, top - INSET, wide - CODE - (3 * INSET))
          code(told[:address], left + wide - INSET - CODE, top - INSET)
        end

        def cutting_line(left, top, wide, tall)
          @page.line_width 0.3
          @page.stroke_color LINE
          @page.dash(3)
          @page.stroke_rectangle([left, top], wide, tall)
          @page.undash
        end

        def words(told, left, top, wide)
          @page.fill_color INK
          @page.font(SheetFonts::HEADING) do
            @page.text_box told[:number].to_s, at: [left, top], width: wide, height: 60, size: 54,
                                               overflow: :shrink_to_fit
          end
          @page.text_box plain(told[:name]), at: [left, top - 66], width: wide, height: 34, size: 13, style: :bold,
                                             overflow: :shrink_to_fit
          @page.fill_color QUIET
          @page.text_box plain(told[:place]), at: [left, top - 104], width: wide, height: 28, size: 12,
                                              overflow: :shrink_to_fit
          @page.text_box plain(@studio), at: [left, top - 140], width: wide, height: 12, size: SMALL
        end

        # Dark modules as one path, so that no seams show between them.
        def code(address, left, top)
          modules = RQRCodeCore::QRCode.new(address, level: :m).modules
          side = CODE / (modules.size + (2.0 * QUIET_ZONE))
          @page.fill_color "000000"
          modules.each_with_index do |row, down|
            row.each_with_index do |dark, across|
              next unless dark

              @page.rectangle([left + ((across + QUIET_ZONE) * side), top - ((down + QUIET_ZONE) * side)], side, side)
            end
          end
          @page.fill
        end
      end
    end
  end
end
