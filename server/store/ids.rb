# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What the database takes as an id. Anything else is no id of a thing here, and is asked for nowhere.
      #
      #   Ids.only(["tree", "00000000-0000-4000-8000-000000000000"]) # => ["00000000-0000-4000-8000-000000000000"]
      module Ids
        WITHIN = /\b\h{8}-\h{4}-\h{4}-\h{4}-\h{12}\b/
        FORM = /\A#{WITHIN}\z/

        module_function

        def id?(text)
          text.is_a?(String) && text.match?(FORM)
        end

        def only(texts)
          texts.select { |text| id?(text) }.uniq
        end

        # What follows from an act has a key of its own, always the same one.
        def after(key, what)
          Digest::SHA256.hexdigest("#{key} #{what}").unpack("a8a4a4a4a12").join("-")
        end
      end
    end
  end
end
