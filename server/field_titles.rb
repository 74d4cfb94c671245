# frozen_string_literal: true

module DeckBough
  module Server
    # What the fields of a request are called on the screens, by where they stand in it.
    #
    #   FieldTitles.of("/places/0/free_width_m") # => "Free width"
    module FieldTitles
      # What only viewpoints and positions have.
      SEEN = [*DeckBough::Rooms::Viewpoint::DECLARED, *Store::Positions::INPUTS].select do |input|
        %i[x_m y_m heading_deg eye_m at_m out_m].include?(input.name)
      end.freeze
      DECLARED = [SEEN, Survey::HOME, Survey::PLACE, Survey::ROOM, Style::INPUTS].flatten
      OWN = { "visit_on" => "Visit", "strike_on" => "Strike", "look_id" => "Look", "place_id" => "Place",
              "email" => "Email", "password" => "Password", "new_password" => "The new password",
              "studio" => "Name of the studio", "greeting" => "A few words", "open_points" => "Still open",
              "ends_on" => "The day the link ends" }.freeze
      TITLES = DECLARED.to_h { |input| [input.name.to_s, input.title] }.merge(OWN).freeze
      UNITS = /_(m|mm|g|kg|cents|deg)\z/

      module_function

      # @param pointer [String] JSON pointer into the request
      def of(pointer)
        name = pointer.split("/").grep_v(/\A\d*\z/).last or return "What was sent"
        TITLES.fetch(name) { name.sub(UNITS, "").tr("_", " ").capitalize }
      end
    end
  end
end
