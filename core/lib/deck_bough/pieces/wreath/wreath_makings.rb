# frozen_string_literal: true

module DeckBough
  # The ways of making a wreath side by side: what each takes of minutes and money, dressed as it is dialled.
  #
  # A bought one is the one that is chosen, or what the stock has nearest the middle of the band; a frame and a hoop are
  # bare. Source: handbook 60, Dressing (schools) and 90, Minutes.
  class WreathMakings
    GREEN = %w[bought enriched].freeze
    PEOPLE = { "hoop" => 2 }.freeze

    # @param reckoning [WreathReckoning] measured
    # @param stock [Array<Style>] wreaths and rings there are
    def initialize(reckoning, stock:)
      @reckoning = reckoning.knowing(stock)
      @ready = stock.select do |style|
        style.kind == "wreath" && style.across_m && green?(style) && style.for_piece >= 1
      end
    end

    # @return [Array<Hash>] making, chosen, minutes, people, buy_cents, stock_cents, unpriced, short, kg, and the fields
    #   of size and greens that make it so
    def call
      WreathSettings::MAKING.map { |making| told(making) }
    end

    private

    def told(making)
      changes = changes(making)
      made = @reckoning.with(changes)
      ledger = WreathLedger.new(made)
      { making: making, chosen: making == @reckoning.settings[:greens][:making], minutes: WreathWork.of(made).minutes,
        people: PEOPLE.fetch(making, 1), **ledger.totals, short: ledger.lines.count { |line| line.short.positive? },
        kg: made.kg,
        changes: changes.to_h { |group, fields| [group, @reckoning.settings[group].merge(fields)] } }
    end

    def changes(making)
      { size: @reckoning.settings[:size].slice(:style, :outer_m, :inner_m).merge(size(making)),
        greens: { making: making } }
    end

    # A green wreath is none to tie on, a bare ring none to buy ready.
    def size(making)
      style = @reckoning.ring_style
      return {} if style.nil? && !GREEN.include?(making)
      return {} if style && green?(style) == GREEN.include?(making)
      return { style: nil, outer_m: @reckoning.ring.outer_m, inner_m: nil } unless GREEN.include?(making) && choice

      { style: choice.id, outer_m: nil, inner_m: nil }
    end

    # Of those that can be had ready the one nearest the middle of the band.
    def choice
      best = @reckoning.band(@ready.map(&:across_m))[:choice_m]
      best && @ready.find { |style| (style.across_m - best).abs < 1e-9 }
    end

    # A ring of the stock that says of which leaf it is.
    def green?(style)
      !style.texture.nil?
    end
  end
end
