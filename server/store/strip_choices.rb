# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What a person said of a thing on a piece after the day: it stays, or it goes.
      #
      #   choices.of([piece_id]) # => { [piece_id, style_id] => true }
      class StripChoices < Table
        # @return [Hash{Array(String, String) => Boolean}] by piece and style
        def of(pieces)
          rows(:strip_choices).where(piece_id: pieces).select_hash(%i[piece_id style_id], :stays)
        end

        # @param stays [Boolean, nil] nil lets it be as its tag and its look say
        def put(piece, style, stays)
          transaction do
            rows(:pieces).where(id: piece, deleted_at: nil).for_update.get(:id) or raise Problem.not_found("piece")
            (Ids.id?(style) && rows(:styles).where(id: style).get(:id)) or
              raise wrong("/style", "That thing is not in the stock any more.")
            rows(:strip_choices).where(piece_id: piece, style_id: style).delete
            next if stays.nil?

            rows(:strip_choices).insert(studio_id: studio_id, piece_id: piece, style_id: style, stays: stays)
          end
        end
      end
    end
  end
end
