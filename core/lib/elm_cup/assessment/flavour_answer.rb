# frozen_string_literal: true

module ElmCup
  module Assessment
    # One flavour of the answer: judged like a component, with its own pieces, nutrition, allergens and diets.
    class FlavourAnswer
      include Figures

      # flavour: Flavour; pieces: a Hash for the answer, nil where no shape is given.
      def initialize(flavour, pieces)
        @flavour = flavour
        @pieces = pieces
      end

      def to_h
        everything = Mixture::Bowl.new(@flavour.contents)
        judged = ComponentAnswer.new(@flavour.folded).to_h.except("takes", "type")
        judged.merge("share" => @flavour.split.share.to_f.round(4), "component" => @flavour.base.name, "grams" => round(everything.grams, 2), "topping" => topping,
          "allergens" => everything.allergens, "diets" => @flavour.flagged? ? [] : Mixture::Diets.kept(everything), **(@pieces || {}))
      end

      private

      def topping
        strewn = @flavour.topping
        strewn.lines.map { |line| LineAnswer.of(line, nil, strewn.bowl.grams, strewn.measures, strewn.library) }
      end
    end
  end
end
