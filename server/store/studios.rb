# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Studios: founding the first one, and how one studio likes its figures.
      class Studios
        # How the studio likes to work where a piece does not say otherwise.
        SCHOOLS = %i[topper_school picks_school light_school greens_light_school].freeze

        # Where it works.
        REGION = %i[currency mains_volts circuit_amps paper tree_sizes].freeze
        # In which order it goes through a house.
        ORDER = %i[house_order].freeze
        SHOWN = [:name, :units, :version, *REGION, *SCHOOLS, *ORDER].freeze

        def initialize(database)
          @database = database
        end

        def founded?
          !@database[:studios].empty?
        end

        # Founds the studio of an empty installation with its owner, or one more by invitation.
        #
        # @param region [String] of Region::NAMED
        # @param invitation [String, nil] its word
        # @return [Integer] the owner's account id
        # @raise [Problem] when one exists already and nobody invited, or the email or password will not do
        def found(studio:, name:, email:, password:, units:, cost:, at:, region: "europe", invitation: nil)
          refuse_bad(studio: studio, name: name, email: email, password: password)
          @database.transaction do
            # Two people founding at once: the second waits here and then sees the first one's studio.
            @database.run("lock table studios in share row exclusive mode")
            refuse_uninvited(invitation, at)
            refuse_taken(email)
            studio_id = @database[:studios].returning(:id).insert(name: studio.strip, units: units,
                                                                  **Region.of(region).to_h).first[:id]
            Person.add(@database, studio_id, name: name, email: email, password: password, role: "owner", cost: cost)
          end
        end

        def find(id)
          @database[:studios].where(id: id).select(:id, *SHOWN).first
        end

        # @raise [Problem] conflict when `version` is not the present one
        def change(id, version, values)
          @database.transaction do
            row = @database[:studios].where(id: id).for_update.first
            raise Problem.conflict(current: find(id), yours: values) if row[:version] != version

            @database[:studios].where(id: id).update(version: version + 1, **values)
            find(id)
          end
        end

        private

        def refuse_uninvited(invitation, at)
          return unless founded?
          return if invitation && Invitations.new(@database).use(invitation, at: at)

          told = if invitation
                   "This invitation was used, or its day is over. Ask whoever runs this installation for another."
                 else
                   "This installation has its studio. Sign in instead."
                 end
          raise Problem.new(409, "founded", "Already founded", told)
        end

        # People belong to one studio.
        def refuse_taken(email)
          return if @database[:accounts].where(email: email.strip.downcase).empty?

          raise Problem.invalid([{ pointer: "/email", code: "taken",
                                   message: "This email signs in already. Take another for this studio." }])
        end

        def refuse_bad(studio:, **person)
          errors = Person.objections(**person)
          unless studio.strip.size.between?(1, 120)
            errors.unshift(pointer: "/studio", code: "invalid", message: "Name the studio, in 1 to 120 characters.")
          end
          raise Problem.invalid(errors) unless errors.empty?
        end
      end
    end
  end
end
