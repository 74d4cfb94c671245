# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # A home for the studio's own book: before, as drawn, after.
      class HomeBook < Resource
        get "/api/homes/:id/book", :show
        get "/api/homes/:id/book.pdf", :print

        def show
          answer(book)
        end

        def print
          told = book
          photographs = Store::Photographs.new(context.database, account[:studio_id], context.album)
          pdf = Exchange::HomeBookPdf.new(told, photographs, title: told[:home][:name], under: studio[:name],
                                                             day: today, paper: studio[:paper])
          file(pdf.render, "application/pdf", "#{told[:home][:name]}.pdf")
        end

        private

        def book
          Server::HomeBook.new(context.database, studio, gathered: context.gathered).of(id, today: today)
        end
      end
    end
  end
end
