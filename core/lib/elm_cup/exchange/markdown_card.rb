# frozen_string_literal: true

module ElmCup
  module Exchange
    # A formula as a Markdown card: what a cook pins to the wall. The reader of pasted recipes takes it back: lines in italics
    # under a heading say how a part is mixed.
    class MarkdownCard
      # What Markdown would take for its own.
      SPECIAL = /([\\`*_<>#\[\]|])/

      # document: a formula document; assessment: of it.
      def initialize(document, assessment)
        @document = document
        @assessment = assessment
      end

      # The text of the card.
      def to_s = "#{[heading, parts, flavours, method, facts].flatten.compact.join("\n").gsub(/\n{3,}/, "\n\n").strip}\n"

      private

      def heading
        ["# #{escape(@document["name"])}", "", made, *CardMarks.shaping(@document).flat_map { |words| ["", "_#{escape(words)}_"] }]
      end

      # How large a piece is, and how much coat goes on; nothing where there is none.
      def shaped
        pieces = @assessment.pieces.together
        need = @assessment.coat.need
        [("- #{ShapeWords.pieces(pieces)}" if pieces&.count&.positive?), ("- #{escape(ShapeWords.coat(need))}" if need)].compact
      end

      # What the bowl comes to, or where that is not known yet, what the document asks for.
      def made
        pieces = @assessment.pieces.together
        return "Makes #{pieces.count} pieces of #{figure(pieces.piece_grams.round(2))} g" if pieces&.count&.positive?

        count = @assessment.formula.shape&.fixed_count
        "Makes #{count} pieces" if count
      end

      def parts
        @assessment.components.zip(@assessment.formula.components).map { |part, written| component(part, written) }
      end

      def component(part, written)
        ["", "## #{escape(part.name)}", "", "_#{said(written)}_",
          *written.takes.map { |take| "_takes #{taken(take)} of #{escape(take.component)}_" }, "",
          *part.lines.map { |line| line(line) }, "", "_#{escape(part.sentence)}_"]
      end

      def said(part)
        [part.type.id, (part.process == "processor") ? "in the processor" : "by hand", ("should be #{part.want}" if part.want)]
          .compact.join(", ")
      end

      def taken(take)
        return take.text if take.text

        take.share ? "#{percent(take.share)} %" : "#{Quantity::FractionText.decimal(take.grams)} g"
      end

      # Exact for a share of up to six places.
      def percent(share) = Quantity::FractionText.decimal(share * 100)

      # The grams behind it are for the scale; the reader leaves them out.
      def line(line)
        "- #{escape(line.label)}#{" *(#{figure(line.grams.to_f.round(2))} g)*" if line.read? && line.grams.to_f.round(2).positive?}"
      end

      def flavours
        @assessment.flavours.map do |flavour|
          strewn = flavour.topping.lines.map { |line| line(line) }
          # Shares are said to four places.
          share = percent(Rational(flavour.split.share.to_f.round(4).to_s))
          ["", "## Flavour: #{escape(flavour.name)} (#{share} % of #{escape(flavour.base.name)})", "",
            *flavour.folded.lines.map { |line| line(line) }, *(strewn.empty? ? [] : ["", "_strewn on_", "", *strewn])]
        end
      end

      def method
        notes = @document["notes"] || []
        notes.empty? ? [] : ["", "## Method", "",
          *notes.each.with_index(1).map { |text, number| "#{number}. #{escape(text).tr("\n", " ")}" }]
      end

      def facts
        piece = @assessment.nutrition.per_piece
        diets = @assessment.diets
        allergens = diets.allergens.empty? ? "none of those named" : Mixture::Allergens.words(diets.allergens)
        ["", "## Nutrition", "", *shaped, (figures(piece) if piece), "- Allergens: #{allergens}",
          ("- Keeps to: #{diets.kept.join(", ")}" if diets.kept.any?),
          "- Figures are estimates from typed names, not from packs: read the packs."]
      end

      def figures(piece)
        grams = ->(key) { "#{figure(piece[key].round(2))} g" }
        "- One piece: #{piece[:kcal].round(2).round} kcal, protein #{grams[:protein_g]}, fat #{grams[:fat_g]}, " \
          "carbohydrate #{grams[:carbohydrate_g]} with sugars #{grams[:sugars_g]} (free #{grams[:free_sugars_g]}), " \
          "fibre #{grams[:fibre_g]}, salt #{grams[:salt_g]}"
      end

      def figure(value) = value.round((value.abs < 10) ? 1 : 0).to_s.delete_suffix(".0")

      def escape(text) = text.gsub(SPECIAL, '\\\\\1')
    end
  end
end
