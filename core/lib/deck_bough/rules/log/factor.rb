# frozen_string_literal: true

module DeckBough
  module Rules
    module Log
      # What past jobs teach of one house rule: by how much they took more or less than was estimated, and whether that
      # is worth taking on.
      #
      #   Catalogue.answer("log.factor", { "ratios" => [1.35, 1.548, 1.284, 1.117, 1.35] })[:factor] # => 1.35
      class Factor < Rule
        MOST_JOBS = 5_000
        RATIO = Input.number(:ratio, "Ratio", "× estimate", 0.01..100, why: "A job takes something.")
        # The median absolute deviation of what is spread evenly about its middle, as a standard deviation.
        AS_DEVIATION = 1.4826

        declare id: "log.factor", title: "What past jobs teach", handbook: "90 Log",
                inputs: [Input.list(:ratios, "Taken over estimated", RATIO, 1..MOST_JOBS)],
                outputs: { factor: "× estimate", spread: "× estimate", enough: "yes/no", suggest: "yes/no" },
                constants: %w[log.least_jobs log.least_change]

        def call
          { factor: factor, spread: spread, enough: enough?, suggest: enough? && plain? }
        end

        def findings(_outputs)
          enough? ? [] : [finding(:log_few, count: ratios.size, least: house["log.least_jobs"])]
        end

        def working(outputs)
          [step("The middle one of #{ratios.size}, in order of size", sorted, :factor, outputs),
           step("How far they lie from it, the middle one of that × #{figure(AS_DEVIATION)}",
                "#{figure(median(apart))} × #{figure(AS_DEVIATION)}", :spread, outputs),
           step("Enough of them", "#{ratios.size} against #{house['log.least_jobs']}", :enough, outputs),
           step("Suggested when it is off by more than #{figure(house['log.least_change'])}, and by more than chance",
                "#{figure(change)} against #{figure(spread)} ÷ √#{ratios.size}", :suggest, outputs)]
        end

        private

        # So many are printed.
        PRINTED = 12
        private_constant :PRINTED

        def ratios
          given[:ratios]
        end

        def sorted
          shown = ratios.sort.first(PRINTED).map { |ratio| figure(ratio) }.join(", ")
          ratios.size > PRINTED ? "#{shown} …" : shown
        end

        def factor
          @factor ||= median(ratios)
        end

        def spread
          median(apart) * AS_DEVIATION
        end

        def apart
          @apart ||= ratios.map { |ratio| (ratio - factor).abs }
        end

        def median(values)
          ordered = values.sort
          (ordered[(ordered.size - 1) / 2] + ordered[ordered.size / 2]) / 2.0
        end

        def enough?
          ratios.size >= house["log.least_jobs"]
        end

        # Free of the last bit: a middle of 1.05 is off by 0.05.
        def change
          (factor - 1).abs.round(9)
        end

        # More than is worth a change, and more than chance gives.
        def plain?
          change > house["log.least_change"] && change > spread / Math.sqrt(ratios.size)
        end
      end
    end
  end
end
