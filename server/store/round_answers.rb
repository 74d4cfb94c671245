# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What was said when stepping back from a viewpoint: good, to be mended, or pinned by its owner: out of the score.
      #
      #   answers.say(viewpoint_id, { "question" => "outline", "piece" => id, "says" => "good" }, account_id: 1)
      class RoundAnswers < Table
        SAYS = %w[good mend pinned].freeze
        INPUTS = [Input.choice(:question, "Question", DeckBough::Rooms::Round::QUESTIONS),
                  Input.text(:piece, "Piece", 1..64, default: nil), Input.choice(:says, "Answer", SAYS, default: nil),
                  Input.text(:note, "Note", 0..300, default: "")].freeze
        # Of all of a view no piece is asked about.
        ALL = "00000000-0000-0000-0000-000000000000"

        # @return [Hash{Array => Hash}] says, note, by, at by question and piece (nil where it is about all)
        def of(viewpoint_id)
          names = names_of_people
          rows(:round_answers).where(viewpoint_id: viewpoint_id).to_h do |row|
            [[row[:question], row[:about] == ALL ? nil : row[:about]],
             { says: row[:says], note: row[:note], by: names[row[:account_id]], at: row[:said_at].iso8601 }]
          end
        end

        # The last one to answer is kept; nothing said takes an answer back.
        def say(viewpoint_id, given, account_id:)
          values = checked(INPUTS, given)
          about = about(viewpoint_id, values[:piece])
          key = { viewpoint_id: viewpoint_id, question: values[:question], about: about }
          return rows(:round_answers).where(key).delete if values[:says].nil?

          row = { studio_id: studio_id, account_id: account_id, said_at: Sequel::CURRENT_TIMESTAMP,
                  **values.slice(:says, :note) }
          rows(:round_answers).insert_conflict(target: key.keys, update: row.except(:studio_id)).insert(**key, **row)
        end

        private

        def about(viewpoint_id, piece)
          rows(:viewpoints).where(id: viewpoint_id, deleted_at: nil).any? or raise Problem.not_found("viewpoint")
          return ALL if piece.nil?

          (Ids.id?(piece) && rows(:pieces).where(id: piece, deleted_at: nil).get(:id)) or
            raise Problem.invalid([{ pointer: "/piece", code: "unknown",
                                     message: "That piece is not there any more. Load the round again." }])
        end
      end
    end
  end
end
