# frozen_string_literal: true

module ElmCup
  module Quantity
    # Looks through the sums of spoons and cups that come near to a volume, larger measures first and one of each kind, for the one that is
    # least off, of the fewest terms and the fewest spoons. It is asked hundreds of times for one bowl, so the sum it stands at is one list
    # that grows and shrinks, and nothing is made on the way.
    class MeasureSearch
      # mL that no spoon is taken for.
      NOTHING = 1e-6
      # A sum this near to what is wanted is enough of it.
      ENOUGH = 0.999_999

      # measures: KitchenMeasures::Measures, larger first; wanted: mL as a Float; up: only sums that are enough.
      def initialize(measures, wanted, up:)
        @measures = measures
        @wanted = wanted
        @up = up
        @sum = []
        @spoons = 0
        @least = @least_terms = @least_spoons = Float::INFINITY
      end

      # [[Measure, count]…] of at most so many terms; nil where none is near.
      def best(terms)
        seek(@wanted, terms, 0, 0.0)
        @chosen
      end

      private

      # Goes on from the measure at `from` with `rest` mL to fill; `filled` stand in the sum.
      def seek(rest, terms, from, filled)
        from.upto(@measures.size - 1) do |index|
          each = @measures[index]
          next if @sum.any? { |other, _| other.family == each.family }

          exact = rest / each.size
          under = exact.floor
          near = exact.round
          try(each, under, rest, terms, index, filled) if under.positive?
          try(each, near, rest, terms, index, filled) if near != under
          next unless @up

          over = exact.ceil
          try(each, over, rest, terms, index, filled) if over != under && over != near
        end
      end

      # Counts so many of a measure in, and goes on to smaller ones where there is room and a term left.
      def try(each, count, rest, terms, index, filled)
        return if count >= each.too_many

        volume = count * each.size
        @sum.push([each, count])
        @spoons += count
        consider(filled + volume)
        seek(rest - volume, terms - 1, index + 1, filled + volume) if terms > 1 && rest - volume > NOTHING
        @sum.pop
        @spoons -= count
      end

      def consider(size)
        return if @up && size < @wanted * ENOUGH

        off = ((size - @wanted).abs / @wanted).round(3)
        return if off > @least
        return if off == @least && (@sum.size > @least_terms || (@sum.size == @least_terms && @spoons >= @least_spoons))

        @chosen = @sum.dup
        @least = off
        @least_terms = @sum.size
        @least_spoons = @spoons
      end
    end
  end
end
