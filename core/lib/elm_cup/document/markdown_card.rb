# frozen_string_literal: true

module ElmCup
  module Document
    # A formula as a Markdown card: what a cook pins to the wall. The reader of pasted recipes takes it back: lines in italics
    # under a heading say how a part is mixed.
    class MarkdownCard
      # What Markdown would take for its own.
      SPECIAL = /([\\`*_<>#\[\]|])/

      # document: a formula document; answer: its assessment.
      def initialize(document, answer)
        @document = document
        @answer = answer
      end

      # The text of the card.
      def to_s = "#{[heading, parts, flavours, method, facts].flatten.compact.join("\n").gsub(/\n{3,}/, "\n\n").strip}\n"

      private

      def heading
        ["# #{escape(@document["name"])}", "", made]
      end

      # What the bowl comes to, or where that is not known yet, what the document asks for.
      def made
        pieces = @answer["pieces"]
        return "Makes #{pieces["count"]} pieces of #{figure(pieces["piece_grams"])} g" if pieces&.fetch("count")&.positive?

        count = @document.dig("shape", "pieces")
        "Makes #{count} pieces" if count
      end

      def parts
        @answer["components"].zip(@document["components"]).map { |part, written| component(part.merge("want" => written["want"], "takes" => written["takes"])) }
      end

      def component(part)
        ["", "## #{escape(part["name"])}", "", "_#{said(part)}_", *(part["takes"] || []).map { |take| "_takes #{taken(take)} of #{escape(take["component"])}_" }, "",
          *part["lines"].map { |line| line(line) }, "", "_#{escape(part["sentence"])}_"]
      end

      def said(part)
        [part["type"], (part["process"] == "processor") ? "in the processor" : "by hand", ("should be #{part["want"]}" if part["want"])].compact.join(", ")
      end

      def taken(take)
        return take["text"] if take["text"]

        take["share"] ? "#{percent(take["share"])} %" : "#{Quantity::FractionText.decimal(Rational(take["grams"].to_s))} g"
      end

      # Exact for a share of up to six places.
      def percent(share) = Quantity::FractionText.decimal(Rational(share.to_s) * 100)

      # The grams behind it are for the scale; the reader leaves them out.
      def line(line) = "- #{escape(line["text"])}#{" *(#{figure(line["grams"])} g)*" if line["status"] == "read" && line["grams"]&.positive?}"

      def flavours
        (@answer["splits"] || []).map do |split|
          strewn = split["topping"].map { |line| line(line) }
          ["", "## Flavour: #{escape(split["name"])} (#{percent(split["share"])} % of #{escape(split["component"])})", "",
            *split["lines"].map { |line| line(line) }, *(strewn.empty? ? [] : ["", "_strewn on_", "", *strewn])]
        end
      end

      def method
        notes = @document["notes"] || []
        notes.empty? ? [] : ["", "## Method", "", *notes.each.with_index(1).map { |text, number| "#{number}. #{escape(text).tr("\n", " ")}" }]
      end

      def facts
        piece = @answer["nutrition_per_piece"]
        allergens = @answer["allergens"].empty? ? "none of those named" : Mixture::Allergens.words(@answer["allergens"])
        ["", "## Nutrition", "", (figures(piece) if piece), "- Allergens: #{allergens}",
          ("- Keeps to: #{@answer["diets"].join(", ")}" if @answer["diets"].any?), "- Figures are estimates from typed names, not from packs: read the packs."]
      end

      def figures(piece)
        grams = ->(key) { "#{figure(piece[key])} g" }
        "- One piece: #{piece["kcal"].round} kcal, protein #{grams["protein_g"]}, fat #{grams["fat_g"]}, carbohydrate #{grams["carbohydrate_g"]} " \
          "with sugars #{grams["sugars_g"]} (free #{grams["free_sugars_g"]}), fibre #{grams["fibre_g"]}, salt #{grams["salt_g"]}"
      end

      def figure(value) = value.round((value.abs < 10) ? 1 : 0).to_s.delete_suffix(".0")

      def escape(text) = text.gsub(SPECIAL, '\\\\\1')
    end
  end
end
