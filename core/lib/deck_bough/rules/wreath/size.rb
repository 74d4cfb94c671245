# frozen_string_literal: true

module DeckBough
  module Rules
    module Wreath
      # How large a wreath its host carries, and which of the sizes there are comes nearest the middle of that.
      #   Catalogue.answer("wreath.size", { "host" => "window", "host_width_m" => 0.624,
      #     "stock_m" => [0.265, 0.396, 0.623] })[:choice_m] # => 0.396
      class Size < Rule
        HOSTS = %w[door pair window cabinet mirror mantel_wall object].freeze
        declare id: "wreath.size", title: "Size of a wreath", handbook: "60 Size",
                inputs: [Input.choice(:host, "Where it hangs", HOSTS),
                         Input.number(:host_width_m, "Width there", "m", 0.02..20, why: "A host has a width."),
                         Input.list(:stock_m, "Sizes there are",
                                    Input.number(:size_m, "Size", "m", 0.02..5, why: "A ring has a size."), 0..500,
                                    default: [].freeze)],
                outputs: { low_m: "m", high_m: "m", choice_m: "m" },
                constants: HOSTS.flat_map { |host| %W[wreath.#{host}_low wreath.#{host}_high] }

        def call
          { low_m: low, high_m: high, choice_m: choice }
        end

        def findings(outputs)
          return [] if given[:stock_m].empty? || outputs[:choice_m]

          [finding(:wreath_no_size, low_m: low, high_m: high)]
        end

        def working(outputs)
          width = long(given[:host_width_m])
          [step("At least this share of the width", "#{figure(share('low'))} × #{width}", :low_m, outputs),
           step("At most this share of the width", "#{figure(share('high'))} × #{width}", :high_m, outputs),
           step("Of the sizes within, the one nearest the middle",
                "#{long((low + high) / 2)} of #{fitting.size} within", :choice_m, outputs)]
        end

        private

        def share(end_of_band)
          house["wreath.#{given[:host]}_#{end_of_band}"]
        end

        def low
          share("low") * given[:host_width_m]
        end

        def high
          share("high") * given[:host_width_m]
        end

        def fitting
          given[:stock_m].grep((low - 1e-9)..(high + 1e-9))
        end

        def choice
          fitting.min_by { |size| [(size - ((low + high) / 2)).abs, size] }
        end
      end
    end
  end
end
