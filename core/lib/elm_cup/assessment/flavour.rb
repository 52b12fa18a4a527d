# frozen_string_literal: true

module ElmCup
  class Assessment
    # A share of a base with pieces of its own folded in by hand and a topping strewn on.
    class Flavour
      # split: Document::Split; base: the component it is of; folded, topping: Parts.
      attr_reader :split, :base, :folded, :topping

      # shares: the Shares that the components are of.
      def initialize(split, base, shares)
        @split = split
        @base = base
        @shares = shares
        take = Document::Take.new(component: base.name, share: split.share)
        taking = Taking.new(take: take, source: base, at: "#{split.pointer}/share", fraction: split.share * shares.left(base))
        @folded = Part.new(split.folded, shares.formula, shares.library, takings: [taking])
        @topping = Part.new(split.topping, shares.formula, shares.library)
      end

      # What is folded in without its base, for a base that is no part of the pieces.
      def folded_alone = @folded_alone ||= Part.new(split.folded, @shares.formula, @shares.library)

      # The name in the document.
      def name = split.name

      # Everything in it as one Mixture::Bowl, the topping too.
      def bowl = @bowl ||= Mixture::Bowl.new(folded.contents + topping.contents)

      # A line of it is not read, or one of its base.
      def flagged? = folded.flagged? || topping.flagged?

      # Ids of the diets that it keeps to; none while a line is not read.
      def diets = flagged? ? [] : Mixture::Diets.kept(bowl)
    end
  end
end
