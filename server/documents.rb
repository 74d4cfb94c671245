# frozen_string_literal: true

module DeckBough
  module Server
    # What is made from the code and kept beside it: the rules as a document, the schema of a home plan, the part of the
    # contract that says what settings are, and what the front end's dials may be turned to.
    #
    #   Documents.all # => { "docs/rules.md" => "# The rules…", "docs/home-plan.schema.json" => "{…" }
    module Documents
      module_function

      def all
        { "docs/rules.md" => rules,
          "docs/home-plan.schema.json" => "#{JSON.pretty_generate(Exchange::HomePlanSchema.build)}\n",
          "server/openapi.yaml" => contract, "web/src/api/declared.ts" => dials }
      end

      # Below this line the contract is made, above it is written.
      MADE = "    # Below: made by `bin/document` from what the core declares."

      def contract
        written = File.read(Contract::FILE).split(MADE).first
        made = YAML.dump(Exchange::SettingsContract.schemas).lines.drop(1).map { |line| "    #{line}" }.join
        "#{written}#{MADE}\n#{made}"
      end

      def dials
        ["/** Made by `bin/document` from what the core declares: what each dial may be turned to. Lengths are " \
         "metres. */",
         "export const declared = {", *kinds, "} as const;", "",
         "/** What each kind of thing of the stock is asked beyond what plans reckon with. */",
         "export const particulars = {", *particulars, "} as const;", ""].join("\n")
      end

      def particulars
        Style::KINDS.map do |kind|
          "  #{kind}: #{JSON.generate(Stock::Particulars.asked(kind).map(&:name), array_nl: ' ')},"
        end
      end

      # A line a dial.
      def kinds
        Exchange::SettingsContract.dials.flat_map do |kind, groups|
          ["  #{kind}: {", *groups.flat_map { |group, fields| ["    #{group}: {", *lines(fields), "    },"] }, "  },"]
        end
      end

      def lines(fields)
        fields.map { |name, dial| "      #{name}: #{JSON.generate(dial, object_nl: ' ', array_nl: ' ', space: ' ')}," }
      end

      def rules
        ["# The rules", "", "Made by `bin/document` from the catalogue; the same is printed by `bin/reckon --list`.",
         "",
         *Catalogue.list.flat_map { |rule| rule_lines(rule) }].join("\n")
      end

      def rule_lines(rule)
        ["## #{rule[:rule]}", "", "#{rule[:title]}. Handbook #{rule[:handbook]}.", "",
         "| input | what | unit | default |", "| --- | --- | --- | --- |",
         *rule[:inputs].map { |input| "| #{input[:name]} | #{input[:title]} | #{unit(input)} | #{default(input)} |" },
         "",
         "Gives #{rule[:outputs].map { |output| "`#{output[:name]}` (#{output[:unit]})" }.join(', ')}.", "",
         *house_rules(rule)]
      end

      def unit(input)
        input[:choices] ? input[:choices].join(", ") : input[:unit]
      end

      def default(input)
        return "required" if input[:required]

        input[:default].nil? ? "not given" : input[:default].to_s
      end

      def house_rules(rule)
        return [] if rule[:house_rules].empty?

        ["House rules: #{rule[:house_rules].map { |key| "`#{key}`" }.join(', ')}.", ""]
      end
      private_class_method :contract, :dials, :particulars, :kinds, :lines, :rules, :rule_lines, :unit, :default,
                           :house_rules
    end
  end
end
