# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Looks: a palette and the styles that go with it.
      class Looks < Table
        def list(page:)
          colours = rows(:look_colours).order(:position).to_hash_groups(:look_id)
          styles = rows(:look_styles).select_hash_groups(:look_id, :style_id)
          page(rows(:looks).order(:name), page) do |row|
            { id: row[:id], name: row[:name], style_ids: styles.fetch(row[:id], []),
              colours: colours.fetch(row[:id], []).map { |colour| colour.slice(:name, :srgb, :share_percent) } }
          end
        end
      end
    end
  end
end
