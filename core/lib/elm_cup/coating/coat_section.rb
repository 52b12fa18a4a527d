# frozen_string_literal: true

module ElmCup
  module Coating
    # The coat of the pieces and what is strewn on them: how much goes on each, how much to melt, what is short or left.
    class CoatSection < Section
      # What comes onto a piece beside what it is shaped of: Assessment::Part, grams of it on one piece.
      Extra = Value.of(:part, :grams) do
        def bowl = part.bowl
      end

      named "coat", needs: %w[pieces]
      key("coat") { need&.figures }
      key("finished_piece_grams", digits: 2) { piece_with_coat }

      # The Need of all pieces; nil where nothing goes on, or there are no pieces.
      def need
        return @need if defined?(@need)

        @need = (Need.new(work, coated, pieces.together, made) if coat && coated)
      end

      # Work of the coat; nil for none.
      def work
        @work ||= coat && Work.new(coat, part&.bowl, part && part.bowl.grams * assessment.left(part), lives: assessment.formula.lives)
      end

      # Extras of one piece on the average; and of a piece of one of the `formed` bowls, by its index.
      def extras = @extras ||= together_extras

      def extras_of(index)
        flavour = assessment.formed[index].flavour
        count = pieces.yields[index].count
        own = (flavour && count.positive? && !flavour.topping.bowl.empty?) ? [Extra.new(part: flavour.topping,
          grams: flavour.topping.bowl.grams / count)] : []
        coat_extras(need&.on_piece(index)) + strewn + own
      end

      # Grams of a piece with all that is on it.
      def finished_grams = pieces.piece_grams + extras.sum(&:grams)

      # The same where something is on it, else nil.
      def piece_with_coat = (finished_grams if pieces.piece_grams && extras.any?)

      # Components that neither go into the pieces nor onto them.
      def aside
        counted = pieces.piece_grams ? [*toppings, (part if need)] : []
        assessment.components.reject { |component| component.in_piece? || counted.include?(component) }
      end

      # What one piece is like to a Kind, of each `formed` bowl: [CoatedPiece, Yield]; nil where there are no pieces.
      def coated
        return @coated if defined?(@coated)

        shape = assessment.formula.shape
        @coated = pieces.piece_grams && pieces.yields.map { |each|
          [CoatedPiece.of(shape, each, coat&.inset || Piece::Inset::NONE), each]
        }
      end

      private

      def coat = assessment.formula.coat

      # The part that it is made of, nil for none.
      def part = @part ||= coat&.component && assessment.components.find { |component| component.name == coat.component }

      # What the coat is made of is there to be counted.
      def made = (part unless part.nil? || part.bowl.empty?)

      def together_extras
        return [] unless pieces.piece_grams

        flavoured = assessment.flavours.map(&:topping).reject { |topping| topping.bowl.empty? }
          .map { |topping| Extra.new(part: topping, grams: topping.bowl.grams / pieces.together.count) }
        coat_extras(need&.on_average) + strewn + flavoured
      end

      def coat_extras(grams) = (grams&.positive? && made) ? [Extra.new(part: made, grams: grams)] : []

      # Toppings that are not what the pieces are rolled in come onto them whole.
      def strewn
        toppings.map { |topping|
          Extra.new(part: topping, grams: topping.bowl.grams * assessment.left(topping).to_f / pieces.together.count)
        }
      end

      def toppings = @toppings ||= assessment.components.select { |each| each.type.id == "topping" && each != part && !each.bowl.empty? }
    end
  end
end
