# frozen_string_literal: true

module DeckBough
  # What swaps look like as numbers in metres: cushions by seat, what else is soft, pictures with their paper, scents by
  # zone. The drawing room only projects and paints.
  class SwapsDrawing
    def initialize(reckoning)
      @reckoning = reckoning
    end

    def call
      { seats: seats, soft: soft, mats: mats, frames: frames, zones: zones }.compact
    end

    private

    def seats
      @reckoning.seats.map do |seat|
        { name: seat.name, count: seat.count, cushions: seat.swaps.map do |swap|
          told(swap)
        end }
      end
    end

    def soft
      @reckoning.swaps.reject(&:cushion?).map { |swap| told(swap) }
    end

    def told(swap)
      { number: swap.number, what: swap.said[:what], name: @reckoning.named(swap), count: swap.count,
        across_m: swap.across_m, high_m: swap.high_m, by_m: swap.by_m, colour: swap.colour, where: swap.seat,
        out: swap.said[:out].strip, stored: swap.said[:stored].strip, from: swap.said[:from].strip }
    end

    def mats
      return unless @reckoning.mats

      @reckoning.settings[:soft].slice(*SwapsSettings::MATS)
    end

    def frames
      @reckoning.frames.map do |frame|
        said = frame.said
        { number: frame.number, name: @reckoning.framed(frame),
          **said.slice(:wide_m, :high_m, :paper_wide_m, :paper_high_m), fills: frame.fills?,
          colour: said[:colour] || SwapsReckoning::PAPER, printed: said[:printed] }
      end
    end

    def zones
      @reckoning.zones.map do |zone|
        { name: zone.name, scented: zone.scented, scents: zone.scents.map { |scent| scent.slice(:kind, :scented) } }
      end
    end
  end
end
