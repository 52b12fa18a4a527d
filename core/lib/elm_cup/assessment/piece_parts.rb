# frozen_string_literal: true

module ElmCup
  module Assessment
    # What is rolled or pressed into pieces: one bowl, or one for each flavour and one for what stays plain. A flavour gets its
    # share of the base and of everything else that goes into the pieces.
    class PieceParts
      # flavour: Flavour, nil for what is plain; bowl: Mixture::Bowl.
      Part = Value.of(:flavour, :bowl)
      # A rest under this share of the base is rounding, not a plain part.
      NOTHING = Rational(1, 100_000)

      # read: ReadFormula.
      def initialize(read)
        @read = read
        @shared = read.components.select(&:in_piece?).flat_map { |component| read.lines_left(component) }
      end

      # Everything in the pieces as one Mixture::Bowl.
      def whole = @whole ||= Mixture::Bowl.new(@shared + @read.flavours.flat_map { |flavour| flavour.folded.lines })

      # Parts in the order of the flavours, what is plain last; one plain part where there are no flavours.
      def all
        @all ||= @read.flavours.map { |flavour| Part.new(flavour: flavour, bowl: Mixture::Bowl.new(times(flavour.split.share) + flavour.folded.lines)) } + plain
      end

      # `pieces` divided among the parts by their mass, none lost: the largest remainders get what rounding leaves.
      def counts(pieces)
        exact = all.map { |part| pieces * part.bowl.grams / all.sum { |each| each.bowl.grams } }
        counts = exact.map(&:floor)
        exact.each_index.sort_by { |at| [counts[at] - exact[at], at] }.first(pieces - counts.sum).each { |at| counts[at] += 1 }
        counts
      end

      private

      def plain
        rest = 1 - @read.flavours.sum { |flavour| flavour.split.share }
        return [] unless rest > NOTHING

        [Part.new(flavour: nil, bowl: (rest == 1) ? whole : Mixture::Bowl.new(times(rest)))]
      end

      def times(share) = @shared.map { |line| line.read? ? line.times(share) : line }
    end
  end
end
