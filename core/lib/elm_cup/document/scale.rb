# frozen_string_literal: true

module ElmCup
  module Document
    # A formula times a factor. Amounts stay exact: scaled by k and then by 1/k they are what they were.
    module Scale
      LEAST = Rational(1, 100)
      MOST = 100
      TYPED_DIGITS = 9
      FLOAT_ERROR = Rational(1, 10**13)
      # What may stand around a factor: "× 2", "2x", "2 times".
      TIMES = /\A\s*[x×*]?\s*|\s*(?:[x×*]|times)?\s*\z/i

      # A new document Hash; the size of a piece stays, a number of pieces scales. InvalidDocument for a factor that is
      # not a number between 1/100 and 100, or when the result is not a formula that can be taken.
      def self.call(document, factor)
        exact = exact(factor)
        scaled = Parts.map_lines(document) { |said| line(said, exact) }
        scaled["components"] = scaled["components"]
          .map { |part| part["takes"] ? part.merge("takes" => part["takes"].map { |said| take(said, exact) }) : part }
        scaled = scaled.merge("shape" => Piece::Shape.from(document["shape"]).scaled(exact).said) if document["shape"]
        Schema.check(scaled)
        scaled
      end

      # The exact value of a factor as a cook writes it, or of a JSON number. InvalidDocument for one that is none.
      def self.factor(said) = exact(said)

      class << self
        private

        # A number as a cook writes it, "1 1/2", "½" or "half", or a JSON number.
        def exact(factor)
          value = factor.is_a?(String) ? written(factor) : number_given(factor)
          InvalidDocument.refuse("/factor", :factor_no_number) unless value
          return value if value.between?(LEAST, MOST)

          InvalidDocument.refuse("/factor", :factor_out_of_range, least: LEAST.to_f, most: MOST)
        end

        def written(text) = text.valid_encoding? ? Quantity::RangeReader.single(text.gsub(TIMES, "")) : nil

        def number_given(factor)
          Rational(factor.to_s) if factor.is_a?(Numeric) && factor.finite?
        end

        def line(line, factor)
          return line.merge("grams" => number(Rational(line["grams"].to_s) * factor)) if line["grams"]

          reading = Quantity::LineReader.read(line["text"])
          reading.readable? ? line.merge("text" => reading.scaled_text(factor)) : line
        end

        # A measure is read like a line of something; a share stays a share.
        def take(take, factor)
          return take.merge("grams" => number(Rational(take["grams"].to_s) * factor)) if take["grams"]
          return take unless take["text"]

          reading = Quantity::LineReader.read("#{take["text"]} of it")
          reading.readable? ? take.merge("text" => reading.scaled_text(factor).delete_suffix(" of it")) : take
        end

        # JSON holds no fractions: what comes back within a float's own error of a number that can be typed is that number.
        def number(value)
          short = value.round(TYPED_DIGITS - 1 - Math.log10(value).floor)
          value = short if (value - short).abs < value * FLOAT_ERROR
          (value.denominator == 1) ? value.numerator : value.to_f
        end
      end
    end
  end
end
