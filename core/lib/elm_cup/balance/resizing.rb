# frozen_string_literal: true

module ElmCup
  module Balance
    # The same bowl in pieces of another size, where that alone grants what is wished of a piece: often the least change of all.
    class Resizing
      # A piece may come to so much of what it is.
      RANGE = (0.5..2.0)
      # Sizes are whole grams, and half ones of small pieces.
      SMALL_GRAMS = 10
      # Sizes tried from the first that the sums give: a coat does not go with the size of a piece exactly.
      TRIES = 8

      # document: a Hash without its wishes; assessment: of it; wishes: Wish::Kinds, all that is asked.
      def initialize(document, assessment, wishes, library)
        @document = document
        @assessment = assessment
        @wishes = wishes
        @library = library
        @shape = assessment.formula.shape
      end

      # A Resized; nil where no size of a piece grants every wish, or none is wished of a piece.
      def answer
        return if !helps? || torn?

        # Rather a little further than strips.
        found = sizes.first(TRIES).lazy.filter_map { |shape| granted(shape) }
        found.find { |each| each.assessment.pieces.together.notes.empty? } || found.first
      end

      # Something is wished of a piece that it is not, and pieces may have another size.
      def helps? = ratios.any? && @shape.resizes?

      # Resizeds, whether they grant the wishes or not, that count less than `most`, the least first; none where no size would help.
      def nearer(most)
        return [] unless helps?

        shapes = counted? ? counts_within(most) : grams_within(most)
        shapes.filter_map { |shape| resized(shape) }.select { |each| each.size.between?(1e-9, most) }.sort_by(&:size)
      end

      private

      def piece_grams = @assessment.pieces.piece_grams

      # How many times what it is a piece would have to have, for each wish of a piece that is open.
      def ratios
        @ratios ||= piece_grams ? unmet.filter_map { |wish| wish.value / wish.now(@assessment) if wish.now(@assessment)&.positive? } : []
      end

      # The wishes pull both ways.
      def torn? = ratios.any? { |ratio| ratio < 1 } && ratios.any? { |ratio| ratio > 1 }

      def unmet = @wishes.select { |wish| wish.is_a?(Wish::PieceFigure) && !wish.met?(@assessment) }

      # Shapes with pieces of the sizes to try, the nearest first.
      def sizes
        counted? ? counts.map { |count| @shape.with_count(count) } : grams.map { |each| @shape.with_grams(each) }
      end

      def counted? = !@shape.fixed_count.nil? || @shape.with_grams(piece_grams).nil?

      def smaller? = ratios.first < 1

      def ratio = smaller? ? ratios.min : ratios.max

      def counts
        count = @assessment.pieces.together.count
        first = smaller? ? (count / ratio).ceil : (count / ratio).floor
        (0...TRIES).map { |step| first + (smaller? ? step : -step) }.select { |each| each.positive? && RANGE.cover?(count.to_f / each) }
      end

      def grams
        step = (piece_grams * ratio < SMALL_GRAMS) ? 0.5 : 1
        first = piece_grams * ratio / step
        first = smaller? ? first.floor : first.ceil
        (0...TRIES).map { |at| (first + (smaller? ? -at : at)) * step }.select { |each| RANGE.cover?(each / piece_grams) }
      end

      def counts_within(most)
        count = @assessment.pieces.together.count
        ((count / (1 + most)).ceil..(count / [1 - most, 1 / RANGE.end].max).floor).map { |each| @shape.with_count([each, 1].max) }
      end

      def grams_within(most)
        step = (piece_grams < SMALL_GRAMS) ? 0.5 : 1
        ((piece_grams * (1 - most) / step).ceil..(piece_grams * (1 + most) / step).floor).map { |steps| steps * step }
          .select { |each| RANGE.cover?(each / piece_grams) }.map { |each| @shape.with_grams(each) }
      end

      def granted(shape) = resized(shape)&.then { |each| each if @wishes.all? { |wish| wish.met?(each.assessment) } }

      # The Resized of a Shape; nil where that makes no pieces.
      def resized(shape)
        return if Piece::Shape.faults(shape.said, "").any?

        patch = shape.patch(@shape)
        document = Document::Patch.apply(@document, patch)
        after = Assessment.of(document, library: @library)
        Resized.new(document: document, patch: patch, assessment: after, was: @assessment) if after.pieces.piece_grams
      end
    end
  end
end
