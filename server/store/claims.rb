# frozen_string_literal: true

module DeckBough
  module Server
    module Store
      # What pieces keep of each style for the dates of their home, so that nothing is promised twice: first come keeps
      # it (Stock::Reservation of the core). A piece that wants nothing of a style it names stands in the list too, so
      # that what is free for it is known.
      #
      #   claims.keep({ piece_id => { style_id => { whole: 40, wanted: 40 } } })
      #   claims.free([style_id], piece_id: other, home: home) # => { style_id => { on_hand: 12, elsewhere: 40 } }
      #
      # Whatever changes on hand, dates, or which pieces there are shares out again (`share_out`); the needs of every
      # piece for which something else is free then are stale.
      class Claims < Table
        # @param wanted [Hash{String => Hash{String => Hash}}] by piece, in the order in which they come: every style it
        #   names, with the whole it takes of it and what of that is wanted from stock
        # @return [Hash{String => Hash{String => Float}}] by piece and style: what is free
        def keep(wanted)
          transaction do
            lock(wanted.values.flat_map(&:keys) | claims_of(wanted.keys).values.flat_map(&:keys))
            before = claims_of(wanted.keys)
            share_out(keep_wants(wanted, before))
            claims_of(wanted.keys).transform_values { |styles| styles.transform_values { |claim| claim[:free] } }
          end
        end

        # Shares styles out among the pieces there are, by the dates their homes have now.
        def share_out(style_ids)
          styles = style_ids.uniq
          return if styles.empty?

          transaction do
            spares = lock(styles).to_h
            there = on_hand(styles)
            standing = standing(styles)
            shared = standing.to_h { |style, claims| [style, shares(there.fetch(style, 0), claims)] }
            keep_shares(standing.flat_map do |style, claims|
              claims.filter_map { |claim| changed(claim, shared[style].fetch(claim[:piece_id])) }
            end)
            keep_full_days(there.to_h { |style, much| [style, full(standing[style].to_a, shared[style], much)] })
            keep_lacks(spares.to_h do |style, spare|
              [style, lacks(standing.fetch(style, []), shared[style], there.fetch(style, 0), spare.to_i)]
            end)
          end
        end

        # Shares out what some pieces want: they went, came back, or their home has other dates.
        #
        # @param pieces [Sequel::Dataset, Array<String>] their ids
        def share_out_of(pieces)
          share_out(rows(:piece_claims).where(piece_id: pieces).distinct.select_map(:style_id))
        end

        # What a piece of a home may count on, and what other pieces keep meanwhile.
        #
        # @param piece_id [String, nil] one that is still to be made comes last
        # @param home [Hash] visit_on, strike_on as Homes shows them
        # @return [Hash{String => Hash}] by style: on_hand, elsewhere
        def free(style_ids, home:, piece_id: nil)
          free_of({ piece_id => { styles: style_ids, home: home } }).fetch(piece_id)
        end

        # Likewise for many pieces, in three queries.
        #
        # @param asked [Hash{String => Hash}] by piece: styles, home
        # @return [Hash{String => Hash{String => Hash}}] by piece and style
        def free_of(asked)
          all = asked.values.flat_map { |one| one[:styles] }.uniq
          there = on_hand(all)
          claimed = claims_of(asked.keys.compact)
          unclaimed = asked.flat_map { |piece, one| one[:styles] - claimed.fetch(piece, {}).keys }.uniq
          others = standing(unclaimed)
          owners = owners(all)
          asked.to_h do |piece, one|
            claims = claimed.fetch(piece, {})
            [piece, one[:styles].to_h do |id|
              all = there.fetch(id, 0)
              own = claims[id]
              free = own ? own[:free] : left(all, others.fetch(id, []), piece, one[:home])
              [id, share(all, [nil, one[:home][:id]].include?(owners[id]) ? free : 0)]
            end]
          end
        end

        # Who wants a style while a piece does, first come first, itself among them.
        #
        # @return [Array<Hash>] piece, name, room, home, visit_on, strike_on, wanted, held
        def of_style(style_id, home:, piece_id:)
          mine = newcomer(piece_id, home)
          standing([style_id]).fetch(style_id, []).select do |claim|
            claim[:wanted].positive? && (claim[:piece_id] == piece_id || value(claim).overlaps?(mine))
          end
        end

        # A piece comes to a style before another one that came earlier; that one takes its place in the row. Where it
        # does already, nothing changes.
        #
        # @raise [Problem] when one of them wants none of it
        def swap(style_id, piece_id, before)
          transaction do
            lock([style_id])
            came = rows(:piece_claims).where(style_id: style_id, piece_id: [piece_id, before]).exclude(came: nil)
                                      .select_hash(:piece_id, :came)
            raise Problem.not_found("claim") unless came.key?(piece_id) && came.key?(before)
            next if came[piece_id] <= came[before]

            { piece_id => came[before], before => came[piece_id] }.each do |piece, place|
              rows(:piece_claims).where(style_id: style_id, piece_id: piece).update(came: place)
            end
            share_out([style_id])
          end
        end

        private

        # One after the other in one order: two that share out the same styles wait, and never for each other.
        def lock(style_ids)
          rows(:styles).where(id: style_ids).order(:id).lock_style(UNDER).select_map(%i[id spare_kept])
        end

        def on_hand(style_ids)
          database[:stock_quantities].where(studio_id: studio_id, style_id: style_ids).select_hash(:style_id, :on_hand)
        end

        def owners(style_ids)
          rows(:styles).where(id: style_ids).exclude(owner_home_id: nil).select_hash(:id, :owner_home_id)
        end

        def claims_of(piece_ids)
          rows(:piece_claims).where(piece_id: piece_ids).each_with_object({}) do |claim, found|
            (found[claim[:piece_id]] ||= {})[claim[:style_id]] = claim
          end
        end

        # @return [Hash{String => Array<Hash>}] claims of the pieces there are, by style, first come first
        def standing(style_ids)
          claims = Sequel[:piece_claims]
          database[:piece_claims].join(:pieces, id: claims[:piece_id]).join(:rooms, id: Sequel[:pieces][:room_id])
                                 .join(:homes, id: Sequel[:rooms][:home_id])
                                 .join(:styles, id: claims[:style_id])
                                 .where(claims[:studio_id] => studio_id, claims[:style_id] => style_ids,
                                        Sequel[:pieces][:deleted_at] => nil, Sequel[:rooms][:deleted_at] => nil,
                                        Sequel[:homes][:deleted_at] => nil)
                                 .order(Sequel.asc(claims[:came], nulls: :last), claims[:piece_id])
                                 .select_all(:piece_claims)
                                 .select_append(Sequel[:pieces][:name], Sequel[:rooms][:name].as(:room),
                                                Sequel[:homes][:name].as(:home), Sequel[:homes][:visit_on],
                                                Sequel[:homes][:strike_on], Sequel[:homes][:id].as(:home_id),
                                                Sequel[:styles][:owner_home_id])
                                 .to_hash_groups(:style_id)
        end

        def value(claim)
          DeckBough::Stock::Claim.new(id: claim[:piece_id], wanted: claim[:wanted],
                                      first_day: claim[:visit_on]&.jd, last_day: claim[:strike_on]&.jd)
        end

        def newcomer(piece_id, home)
          first, last = home.values_at(:visit_on, :strike_on).map { |day| day && Date.iso8601(day).jd }
          DeckBough::Stock::Claim.new(id: piece_id, wanted: 0, first_day: first, last_day: last)
        end

        def left(there, claims, piece_id, home)
          mine = newcomer(piece_id, home)
          DeckBough::Stock::Reservation.of(there, [*claims.map { |claim| value(claim) }, mine]).fetch(piece_id).free
        end

        # @return [Array<String>] styles of which something else is wanted than before
        def keep_wants(wanted, before)
          gone = wanted.flat_map { |piece, styles| before.fetch(piece, {}).except(*styles.keys).values }
          fresh = wanted.flat_map { |piece, styles| fresh(piece, styles, before.fetch(piece, {})) }
          gone.each { |claim| rows(:piece_claims).where(claim.slice(:piece_id, :style_id)).delete }
          update = %i[wanted came held].to_h { |name| [name, Sequel[:excluded][name]] }
          rows(:piece_claims).insert_conflict(target: %i[piece_id style_id], update: update).multi_insert(fresh)
          (gone + fresh).map { |claim| claim[:style_id] }
        end

        # A client's own thing goes to that client's home only: elsewhere none of it is free.
        def shares(on_hand, claims)
          at_home, elsewhere = claims.partition { |claim| [nil, claim[:home_id]].include?(claim[:owner_home_id]) }
          shared = [[on_hand, at_home], [0, elsewhere]].map do |there, those|
            DeckBough::Stock::Reservation.of(there, those.map { |claim| value(claim) })
          end
          shared.reduce(:merge)
        end

        # The days on which pieces keep all there is of a style, so that a search for what is free adds nothing up.
        def full(claims, shares, there)
          held = claims.map { |claim| value({ **claim, wanted: shares.fetch(claim[:piece_id]).held }) }
          spans = there > Lots::LEAST ? DeckBough::Stock::Busy.full(held, there) : []
          "{#{spans.map { |days| "[#{[days.begin, days.end].map { |day| edge(day) }.join(',')}]" }.join(',')}}"
        end

        def edge(day)
          day.to_f.finite? ? Date.jd(day).iso8601 : ""
        end

        def keep_full_days(days)
          return if days.empty?

          told = days.map { |style, full| [Sequel.cast(style, :uuid), Sequel.cast(full, :datemultirange)] }
          kept = Sequel[:stock_quantities]
          database.from(:stock_quantities, database.values(told).as(:told, %i[style days]))
                  .where(kept[:style_id] => Sequel[:told][:style], kept[:studio_id] => studio_id)
                  .exclude(kept[:full_days] => Sequel[:told][:days])
                  .update(full_days: Sequel[:told][:days])
        end

        # What lacks of a style. A client's own thing is bought for that client's home only.
        def lacks(claims, shares, there, spare)
          at_home = claims.select { |claim| [nil, claim[:home_id]].include?(claim[:owner_home_id]) }
          short = at_home.to_h { |claim| [claim, claim[:wanted] - shares.fetch(claim[:piece_id]).held] }
                         .select { |_, much| much > Lots::LEAST }
          wanted = at_home.map { |claim| value(claim) }
          { to_buy: DeckBough::Buying::Gathering.to_buy(wanted, on_hand: there, spare: spare),
            lacking: short.values.sum.round(Stock::PLACES), lacking_pieces: short.size,
            wanted_on: short.keys.filter_map { |claim| claim[:visit_on] }.min }
        end

        # Also of what nobody ever had.
        def keep_lacks(lacks)
          told = lacks.map { |style, much| { studio_id: studio_id, style_id: style, **much } }
          fresh = %i[to_buy lacking lacking_pieces wanted_on].to_h { |name| [name, Sequel[:excluded][name]] }
          changed = fresh.map do |name, value|
            Sequel.lit("? is distinct from ?", Sequel[:stock_quantities][name], value)
          end
          database[:stock_quantities].insert_conflict(target: :style_id, update: fresh,
                                                      update_where: changed.reduce(:|))
                                     .multi_insert(told)
        end

        # Whoever wants more than before, or has it cut by now, keeps the place in the row; whoever took nothing comes
        # last.
        def fresh(piece, styles, before)
          told = styles.map do |style, taken|
            came = before.dig(style, :came) || Sequel.function(:nextval, "claim_order") if taken[:whole].positive?
            { studio_id: studio_id, piece_id: piece, style_id: style, wanted: taken[:wanted].to_f, came: came, free: 0,
              held: 0 }
          end
          told.reject { |claim| claim.slice(:wanted, :came) == before[claim[:style_id]]&.slice(:wanted, :came) }
        end

        def share(there, free)
          { on_hand: free, elsewhere: (there - free).round(DeckBough::Stock::Reservation::PLACES) }
        end

        def changed(claim, share)
          return if claim.values_at(:free, :held) == share.to_a

          { **claim.slice(:studio_id, :piece_id, :style_id, :wanted, :came), **share.to_h, was: claim[:free] }
        end

        def keep_shares(shares)
          return if shares.empty?

          fresh = %i[free held].to_h { |name| [name, Sequel[:excluded][name]] }
          rows(:piece_claims).insert_conflict(target: %i[piece_id style_id], update: fresh)
                             .multi_insert(shares.map { |share| share.except(:was) })
          stale = shares.reject { |share| share[:was] == share[:free] }.map { |share| share[:piece_id] }
          Needs.new(database, studio_id).forget(stale.uniq)
        end
      end
    end
  end
end
