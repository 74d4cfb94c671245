# frozen_string_literal: true

module DeckBough
  module Server
    module Exchange
      # The application's own letters for what goes out of it: text in two weights, and one for headings. Letters beyond
      # the Western ones come from the extended fonts.
      module SheetFonts
        FOLDER = File.join(Server::ROOT, "server", "fonts")
        TEXT = "Text"
        HEADING = "Heading"
        EXTENDED = { TEXT => "Text, extended", HEADING => "Heading, extended" }.freeze
        FILES = { TEXT => %w[hanken-grotesk-400 hanken-grotesk-600], HEADING => %w[alegreya-600 alegreya-600],
                  EXTENDED[TEXT] => %w[hanken-grotesk-extended-400 hanken-grotesk-extended-600],
                  EXTENDED[HEADING] => %w[alegreya-extended-600 alegreya-extended-600] }.freeze

        module_function

        # @return [Hash] font families as a PDF takes them
        def families
          FILES.transform_values { |normal, bold| { normal: file(normal), bold: file(bold) } }
        end

        # @return [String] a style sheet that carries the text font in itself, for a drawing that travels alone
        def style_sheet
          @style_sheet ||= "<style>@font-face{font-family:'Sheet';src:url(data:font/ttf;base64," \
                           "#{[File.binread(file(FILES[TEXT].first))].pack('m0')})}</style>"
        end

        def file(name)
          File.join(FOLDER, "#{name}.ttf")
        end
      end
    end
  end
end
