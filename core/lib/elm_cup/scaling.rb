# frozen_string_literal: true

module ElmCup
  # A batch made larger or smaller: by a factor, to so many pieces of so many grams, or to the grams of the whole.
  module Scaling
    # A factor that comes of a mass is brought to a small fraction within this share of it, so that amounts stay readable.
    ROUNDING = Rational(1, 2000)
    NOT_SCALED = DataTable.rows("not_scaled").map { |row| row.slice("what", "why", "source") }.freeze

    # A Hash: document, factor (text), grams before, after and asked, error in per cent, lines with their nearest measures, and what does not
    # scale. Exactly one of factor:, grams:, pieces: (with piece_grams:) is given; InvalidDocument otherwise or when it cannot be.
    def self.call(document, factor: nil, pieces: nil, piece_grams: nil, grams: nil, library: Ingredient::Library.default)
      Document::Schema.check(document)
      refuse("/factor", "Say one of factor, grams and pieces with piece_grams") unless [factor, pieces, grams].one?

      before = Assessment.of(document, library: library)
      asked = factor ? nil : asked(pieces, piece_grams, grams)
      exact = factor ? Document::Scale.factor(factor) : factor_to(asked, before, pieces)
      scaled = with_shape(Document::Scale.call(document, exact), pieces, piece_grams)
      answer(scaled, exact, before, Assessment.of(scaled, library: library), asked, pieces)
    end

    class << self
      private

      def refuse(pointer, message) = Document::Schema.refuse(pointer, message)

      def asked(pieces, piece_grams, grams)
        return positive(grams, "/grams", 100_000) if grams

        whole = positive(pieces, "/pieces", 10_000)
        refuse("/pieces", "A number of pieces is a whole one") unless whole.denominator == 1
        whole * positive(piece_grams, "/piece_grams", 1_000)
      end

      def positive(value, pointer, most)
        number = Rational(value.to_s) if value.is_a?(Numeric) && value.to_f.finite?
        refuse(pointer, "This must be a number over 0 and up to #{most}") unless number&.positive? && number <= most

        number
      end

      # Pieces are counted of what goes into them; the grams of the whole count everything.
      def factor_to(asked, before, pieces)
        flagged = Assessment.flagged(before)
        refuse(flagged.first["pointer"], "“#{flagged.first["text"]}” must be mended before the whole can be weighed") if flagged.any?
        now = pieces ? in_pieces(before) : before["grams"]
        refuse("/components", "There is nothing in it to scale") unless now.positive?

        exact = asked / Rational(now.to_s)
        off = exact * ROUNDING
        # A number of pieces is never short of what they weigh.
        pieces ? (exact + off * 1.02r).rationalize(off) : exact.rationalize(off)
      end

      def in_pieces(answer)
        parts = answer["components"].reject { |part| Assessment::Want::UNJUDGED.include?(part["type"]) }.sum { |part| part["grams_left"] }
        parts + (answer["splits"] || []).sum { |split| split["lines"].sum { |line| line["grams"] } }
      end

      # Flavours are rolled each for itself: there the number holds, and the grams of one give way a little.
      def with_shape(document, pieces, piece_grams)
        return document unless pieces

        document.merge("shape" => {"kind" => "ball", **(document["splits"] ? {"pieces" => pieces} : {"piece_grams" => piece_grams})})
      end

      def answer(scaled, exact, before, after, asked, pieces)
        now = pieces ? in_pieces(after) : after["grams"]
        {
          "elm_cup" => "scale/1", "document" => scaled, "factor" => Quantity::FractionText.mixed(exact),
          "grams_before" => before["grams"], "grams" => after["grams"],
          "asked_grams" => asked&.to_f&.round(2), "error_pct" => asked && (100 * (now / asked.to_f - 1)).round(2), "pieces" => after.dig("pieces", "count"),
          "lines" => lines(before, after), "not_scaled" => NOT_SCALED
        }.compact
      end

      def lines(before, after)
        parts = %w[components splits].flat_map { |key| (after[key] || []).zip(before[key] || []) }
        parts.flat_map { |part, was| %w[lines topping].flat_map { |list| pairs(part, was, list) } }
      end

      def pairs(part, was, list)
        (part[list] || []).each_with_index.map do |line, at|
          {"component" => part["name"], "was" => was[list][at]["text"], **line.slice("text", "grams", "kitchen")}
        end
      end
    end
  end
end
