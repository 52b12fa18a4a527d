# frozen_string_literal: true

module ElmCup
  module Assessment
    # The whole answer: components, flavours, pieces, practice, nutrition, what must be said about it.
    class FormulaAnswer
      include Figures

      # read: ReadFormula.
      def initialize(read)
        @read = read
        @formula = read.formula
        @parts = PieceParts.new(read)
        flavoured = read.flavours.flat_map { |flavour| flavour.folded.lines + flavour.topping.lines }
        @whole_bowl = Mixture::Bowl.new(read.components.flat_map { |part| read.lines_left(part) } + flavoured)
      end

      def to_h
        return answer if @formula.wishes.empty?

        answer.merge(LockedLines.of(answer, @formula.wishes, @read.library)).merge("wishes" => wishes)
      end

      private

      def answer
        @answer ||= {
          "elm_cup" => "assessment/1", "name" => @formula.name, "grams" => round(@whole_bowl.grams, 2),
          "components" => @read.components.map { |each| component(each) }, **splits,
          **pieces, **nutrition, **cost, **SaidOfDiets.new(@read, @whole_bowl).to_h, **second_look, "notes" => notes
        }.compact
      end

      def wishes
        wished = Wished.new(answer, @read.library)
        @formula.wishes.map { |wish| wished.to_h(wish) }
      end

      def component(read) = ComponentAnswer.new(read, left: @read.left(read)).to_h.merge("may_take" => @read.may_take(read))

      # Pieces wait until every line of what is rolled is read.
      def known? = @parts.whole.complete? && !@parts.whole.empty? && @read.components.none? { |part| part.in_piece? && part.flagged? }

      # Piece::Ball::Result of each part, nil without a shape or while a line waits.
      def balls
        return @balls if defined?(@balls)

        counts = @parts.counts(@formula.shape.pieces) if @formula.shape&.pieces && known?
        @balls = (@parts.all.each_with_index.to_h { |part, at| [part, ball_of(part, counts && counts[at])] } if @formula.shape && known?)
      end

      # count: the pieces of this part, nil where the shape says how large one is.
      def ball_of(part, count)
        shape = @formula.shape
        each = if count&.positive? then {pieces: count}
        # So small a part that no piece falls to it.
        elsif count then {piece_grams: @parts.whole.grams}
        else {piece_grams: shape.piece_grams, scoop_ml: shape.scoop_ml}
        end
        Piece::Ball.new(density: Mixture::Density.of(part.bowl) || 1.0, **each).of(part.bowl.grams)
      end

      def splits
        return {} if @read.flavours.empty?

        {"splits" => @read.flavours.each_with_index.map { |flavour, at| FlavourAnswer.new(flavour, pieces_of(@parts.all[at])).to_h }}
      end

      def pieces_of(part)
        ball = balls&.fetch(part) or return
        {"pieces" => ball_answer(ball), "nutrition_per_piece" => (per_piece(part.bowl, ball.piece_grams) if ball.count.positive?)}.compact
      end

      def ball_answer(ball)
        {"count" => ball.count, "piece_grams" => round(ball.piece_grams, 2), "diameter_mm" => round(ball.diameter_mm), "over_grams" => round(ball.over_grams)}
      end

      # All parts together; the size is that of the first, which a scoop may make a little heavier in one flavour than in another.
      def together
        @together ||= balls && balls.values.first.with(count: balls.values.sum(&:count), over_grams: balls.values.sum(&:over_grams))
      end

      def pieces
        return {} unless together

        {
          "pieces" => ball_answer(together),
          "practice" => Cold::Practice.for(@formula.shape.kind, together.diameter_mm).map { |custom| custom.to_h.transform_keys(&:to_s) }
        }
      end

      def per_piece(bowl, grams) = round_all(Mixture::Nutrition.new(bowl).for_mass(grams), 2)

      def nutrition
        return {} unless known?

        figures = Mixture::Nutrition.new(@parts.whole)
        piece = (figures.for_mass(together.piece_grams) if together&.count&.positive?)
        {
          "nutrition_per_piece" => piece && round_all(piece, 2), "nutrition_per_100g" => round_all(figures.for_mass(100.0), 2),
          "label" => {"us_per_piece" => piece && Mixture::LabelRounding.us(piece), "eu_per_100g" => Mixture::LabelRounding.eu(figures.for_mass(100.0))}.compact,
          "sugar_of_day" => piece && round_all(Mixture::DaySugar.of(piece), 1), "sweetness_pct" => round(Mixture::Sweetness.percent(@parts.whole))
        }.compact
      end

      # The batch is everything; a piece is its share of what goes into the pieces.
      def cost
        batch = Mixture::Cost.of(@whole_bowl) or return {}
        pieces = Mixture::Cost.of(@parts.whole)
        piece = (pieces.money.to_f * together.piece_grams / @parts.whole.grams if pieces && together&.count&.positive?)
        said = {"batch" => round(batch.money, 2), "piece" => piece && round(piece, 3), "currency" => @read.library.currency, "unpriced" => batch.unpriced}
        {"cost" => said.compact}
      end

      def second_look
        tables = [*@read.components, *@read.flavours.flat_map { |flavour| [flavour.folded, flavour.topping] }].filter_map(&:table)
        whole = SecondLook::Whole.new(tables: tables, needs: @formula.needs, bowl: @whole_bowl, library: @read.library)
        all = SecondLook.findings(whole).map { |finding| finding_answer(finding) }
        muted, heard = all.partition { |finding| @formula.muted.include?(finding["rule"]) }
        {"findings" => heard, "muted" => muted}
      end

      def finding_answer(finding)
        remedy = {"text" => finding.remedy_text, "patch" => finding.patch}
        {"rule" => finding.rule, "component" => finding.component, "message" => finding.message, "remedy" => remedy}
      end

      def notes
        flagged = @whole_bowl.complete? ? nil : "Allergens and diets are not complete while a line waits to be mended."
        strewn = @read.flavours.reject { |flavour| flavour.topping.lines.empty? }
        apart = @read.components.reject(&:in_piece?).map(&:name) + strewn.map { |flavour| "#{flavour.name} topping" }
        [
          flagged,
          ("#{apart.join(", ")}: not counted into the pieces and their nutrition." if apart.any?),
          ("One piece is heavier than the whole bowl." if together&.count&.zero?),
          (Mixture::PolyolCaution.for(Mixture::Nutrition.new(@parts.whole).for_mass(100.0)[:polyols_g]) unless @parts.whole.empty?)
        ].compact
      end
    end
  end
end
