# frozen_string_literal: true

module ElmCup
  class Assessment
    # A batch made larger or smaller: by a factor, to so many pieces of so many grams, or to the grams of the whole.
    class Scaling
      # A factor that comes of a mass is brought to a small fraction within this share of it, so that amounts stay readable.
      ROUNDING = Rational(1, 2000)
      # A number of pieces is never short of what they weigh.
      UPWARDS = 1.02r
      MOST_GRAMS = 100_000
      # Grams of a batch that a screen offers where nothing is weighed yet.
      USUAL_GRAMS = 600
      MOST_PIECES = 10_000
      MOST_PIECE_GRAMS = 1_000
      # What goes with no batch size: what, why, source.
      NOT_SCALED = DataTable.rows("not_scaled").map { |row| row.slice("what", "why", "source") }.freeze

      # factor: exact; document: the Hash that comes out; before, after: Assessments; asked: grams that were asked for, nil for none
      attr_reader :factor, :document, :before, :after, :asked, :pieces

      # Exactly one of factor:, grams:, pieces: (with piece_grams:) is given; InvalidDocument otherwise or when it cannot be.
      def initialize(document, library:, factor: nil, pieces: nil, piece_grams: nil, grams: nil)
        Document::Schema.check(document)
        InvalidDocument.refuse("/factor", :scaling_choice) unless [factor, pieces, grams].one?

        @pieces = pieces
        @before = Assessment.of(document, library: library)
        @asked = factor ? nil : asked_grams(pieces, piece_grams, grams)
        @factor = factor ? Document::Scale.factor(factor) : factor_to(@asked)
        @document = with_shape(Document::Scale.call(document, @factor), piece_grams)
        @after = Assessment.of(@document, library: library)
      end

      # Grams of what was asked for: of what goes into the pieces, or of everything.
      def grams = counted(after)

      # Per cent that these are off what was asked for; nil where nothing was.
      def error_pct = asked && 100 * (grams / asked.to_f - 1)

      # [Part as it was, Part as it is] of every list of lines.
      def parts = before.parts.zip(after.parts)

      private

      def asked_grams(pieces, piece_grams, grams)
        return positive(grams, "/grams", MOST_GRAMS) if grams

        whole = positive(pieces, "/pieces", MOST_PIECES)
        InvalidDocument.refuse("/pieces", :pieces_not_whole) unless whole.denominator == 1
        whole * positive(piece_grams, "/piece_grams", MOST_PIECE_GRAMS)
      end

      def positive(value, pointer, most)
        number = Rational(value.to_s) if value.is_a?(Numeric) && value.to_f.finite?
        InvalidDocument.refuse(pointer, :size_out_of_range, most: most) unless number&.positive? && number <= most

        number
      end

      # Pieces are counted of what goes into them; the grams of the whole count everything.
      def factor_to(asked)
        now = counted(before)
        InvalidDocument.refuse("/components", :nothing_to_scale) unless now.positive?

        exact = asked / Rational(now.to_s)
        off = exact * ROUNDING
        pieces ? (exact + off * UPWARDS).rationalize(off) : exact.rationalize(off)
      end

      def counted(assessment) = pieces ? in_pieces(assessment) : assessment.grams.round(2)

      def in_pieces(assessment)
        parts = assessment.components.select(&:in_piece?).sum { |part| (part.grams * assessment.left(part)).to_f.round(2) }
        parts + assessment.flavours.sum { |flavour| flavour.folded.lines.sum { |line| line.grams.to_f.round(2) } }
      end

      def with_shape(document, piece_grams)
        return document unless pieces

        shape = before.formula.shape || Piece::Shape.usual
        document.merge("shape" => shape.remade(pieces: pieces, piece_grams: piece_grams, apart: document.key?("splits")).said)
      end
    end
  end
end
