# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # Who sells: suppliers with their days, coupons, and what they ask for which packs.
      #
      #   suppliers.offer(id, { "style" => style_id, "pack_size" => 4, "price_cents" => 1480 }, asked_on: today)
      class Suppliers < Table
        MOST = 60
        MOST_COUPONS = 20
        # So many sizes of packs a style has at one supplier.
        MOST_PACKS = 6
        SUPPLIER = DeckBough::Buying::Supplier
        COUPON = DeckBough::Buying::Coupon
        OFFER = [Input.number(:pack_size, "Pack", "", 0.1..5_000, why: "A pack holds something."),
                 Input.whole(:price_cents, "Price of a pack", "cents", 0..10_000_000),
                 Input.whole(:available, "Available", "packs", 0..100_000, default: nil)].freeze

        # @return [Array<Hash>] by name, each with its coupons
        def list
          found = present.order(:name, :id).limit(MOST).all
          coupons = coupons_of(found.map { |row| row[:id] })
          found.map { |row| shown(row, coupons.fetch(row[:id], [])) }
        end

        def find(id)
          row = present.where(id: id).first or raise Problem.not_found("supplier")
          shown(row, coupons_of([id]).fetch(id, []))
        end

        def create(given)
          values = row_of(given)
          coupons = coupons_in(given)
          id = transaction do
            database[:studios].where(id: studio_id).for_update.get(:id)
            raise wrong("/name", "A studio has #{MOST} suppliers. Delete one first.") if present.count >= MOST

            id = rows(:suppliers).returning(:id).insert(studio_id: studio_id, **values).first[:id]
            keep_coupons(id, coupons)
            id
          end
          find(id)
        end

        def change(id, version, given)
          values = row_of(given)
          coupons = coupons_in(given)
          transaction do
            row = locked(id, "supplier")
            raise Problem.conflict(current: find(id), yours: given) if row[:version] != version

            bump(:suppliers, row, values)
            keep_coupons(id, coupons)
          end
          find(id)
        end

        def delete(id, by:)
          put_away(:suppliers, id, "supplier", by: by)
        end

        def restore(id)
          take_out_again(:suppliers, id, "supplier")
          find(id)
        end

        # What a pack of a style costs there now.
        #
        # @param given [Hash] style, pack_size, price_cents, available
        def offer(id, given, asked_on:)
          values = checked(OFFER, given.except("style"))
          transaction do
            locked(id, "supplier")
            style = style!(given["style"])
            kept = rows(:offers).where(supplier_id: id, style_id: style).exclude(pack_size: values[:pack_size])
            if kept.count >= MOST_PACKS
              raise wrong("/pack_size", "A style has #{MOST_PACKS} sizes of packs at a supplier. Take one away first.")
            end

            rows(:offers).insert_conflict(target: %i[style_id supplier_id pack_size],
                                          update: { **values.slice(:price_cents, :available), asked_on: asked_on })
                         .insert(studio_id: studio_id, supplier_id: id, style_id: style, asked_on: asked_on, **values)
          end
        end

        # What a supplier answered of many things; of each that is what it has.
        #
        # @param packs [Array<Hash>] style_id, pack_size, price_cents, available
        def quoted(id, packs, asked_on:)
          transaction do
            locked(id, "supplier")
            rows(:offers).where(supplier_id: id, style_id: packs.map { |pack| pack[:style_id] }.uniq).delete
            database[:offers].multi_insert(packs.map do |pack|
              { studio_id: studio_id, supplier_id: id, asked_on: asked_on, **pack }
            end)
          end
        end

        # It is sold there no longer; without a size none of it is.
        def take_offer_away(id, style_id, pack_size)
          gone = rows(:offers).where(supplier_id: id, style_id: style_id)
          apart = Sequel.function(:abs, Sequel[:pack_size] - pack_size) if pack_size
          gone = gone.where(apart < Lots::LEAST) if apart
          raise Problem.not_found("offer") if gone.delete.zero?
        end

        # Where a style is bought; nil lets the price and the days decide.
        def buy_at(style_id, supplier_id)
          transaction do
            style = style!(style_id)
            next rows(:bought_at).where(style_id: style).delete if supplier_id.nil?

            row = (Ids.id?(supplier_id) && present.where(id: supplier_id).first) ||
                  raise(wrong("/supplier", "That supplier is not there any more. Choose another."))
            raise wrong("/supplier", "#{row[:name]} is marked “not from here”. Choose another.") if row[:not_from_here]

            rows(:bought_at).insert_conflict(target: :style_id, update: { supplier_id: supplier_id })
                            .insert(studio_id: studio_id, style_id: style, supplier_id: supplier_id)
          end
        end

        # Suppliers one buys at, as the core reckons with them.
        #
        # @return [Hash{String => DeckBough::Buying::Supplier}]
        def values
          present.where(not_from_here: false).to_hash(:id).transform_values { |row| value(row) }
        end

        # @return [DeckBough::Buying::Supplier]
        def value(row)
          SUPPLIER.new(**row.slice(:id, :name, :lead_days), closed_weekdays: row[:closed_weekdays].to_a,
                                                            closed_on: row[:closed_on].to_a)
        end

        # @return [Hash{String => Array<DeckBough::Buying::Coupon>}] by supplier
        def coupons
          rows(:coupons).to_hash_groups(:supplier_id).transform_values do |found|
            found.map { |row| COUPON.new(**row.slice(:id, :percent, :on, :least_cents, :until_on)) }
          end
        end

        # What is asked for packs of some styles, whoever sells them.
        #
        # @param style_ids [Array<String>, Sequel::Dataset]
        # @return [Hash{String => Hash{String => Array<Hash>}}] by style and supplier: size, price_cents, available
        def offers(style_ids)
          found = rows(:offers).where(style_id: style_ids).order(:style_id, :supplier_id, :pack_size)
          told = in_one(found, :style_id, :supplier_id, :pack_size, :price_cents, :available)
          told.each_with_object({}) do |(style, supplier, size, cents, available), all|
            ((all[style] ||= {})[supplier] ||= []) << { size: size, price_cents: cents, available: available }
          end
        end

        private

        def present
          rows(:suppliers).where(deleted_at: nil)
        end

        def row_of(given)
          values = SUPPLIER.check(given.except("coupons"))
          { **values, closed_weekdays: Sequel.pg_array(values[:closed_weekdays], :integer),
                      closed_on: Sequel.pg_array(values[:closed_on], :date) }
        rescue InputError => e
          raise Problem.of_faults(e.faults)
        end

        def coupons_in(given)
          given.fetch("coupons", []).each_with_index.map { |coupon, i| coupon(coupon, i) }
        end

        def keep_coupons(id, coupons)
          rows(:coupons).where(supplier_id: id).delete
          database[:coupons].multi_insert(coupons.map { |one| { studio_id: studio_id, supplier_id: id, **one } })
        end

        def coupon(given, place)
          COUPON.check(given)
        rescue InputError => e
          raise Problem.of_faults(e.faults, under: "/coupons/#{place}")
        end

        def coupons_of(ids)
          rows(:coupons).where(supplier_id: ids).order(:percent, :id).to_hash_groups(:supplier_id)
        end

        def style!(id)
          (Ids.id?(id) && rows(:styles).where(id: id).get(:id)) || raise(Problem.not_found("style"))
        end

        def shown(row, coupons)
          told = coupons.map do |one|
            { **one.slice(:percent, :on, :least_cents), until_on: one[:until_on]&.iso8601 }
          end
          { **row.slice(:id, :version, :name, :lead_days, :not_from_here, :note),
            closed_weekdays: row[:closed_weekdays].to_a, closed_on: row[:closed_on].map(&:iso8601), coupons: told }
        end
      end
    end
  end
end
