# frozen_string_literal: true

module ElmCup
  module Quantity
    # How much a line says.
    #   terms   Terms to be summed
    #   weight  a Term of mass that wins over all of them, nil where none was said
    #   aside   Numbers that say an amount again and only follow it when the line is scaled
    Amounts = Value.of(:terms, weight: nil, aside: []) do
      # Amounts of Terms of which some say their weight in brackets: a bracket behind the last, and no other, weighs
      # them all; where there are more, each weighs its own.
      def self.of(terms, aside)
        weighed = terms.select(&:weight)
        return new(terms: terms, weight: terms.last&.weight, aside: aside) if weighed.empty? || weighed == [terms.last]

        new(terms: terms.map { |term| term.weight ? term.weight.with(sign: term.sign) : term }, aside: aside + weighed.flat_map(&:numbers))
      end

      # No weight is said yet, and none is in the terms themselves.
      def unweighed? = weight.nil? && terms.all? { |term| term.grams.nil? }

      # One number of things.
      def counted? = terms.size == 1 && (terms.first.unit.nil? || %i[count portion container].include?(terms.first.unit.kind))

      # These and, behind the name, `more`; a weight that only stands behind `more` weighs all.
      def plus(more)
        return Amounts.new(terms: terms + more.terms, weight: more.weight, aside: aside + more.aside) unless weight

        own = more.weight ? [more.weight] : more.terms
        again = terms + (more.weight ? more.terms : [])
        Amounts.new(terms: [weight, *own], aside: aside + more.aside + again.flat_map(&:numbers))
      end
    end
  end
end
