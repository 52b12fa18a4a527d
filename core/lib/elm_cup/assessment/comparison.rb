# frozen_string_literal: true

module ElmCup
  class Assessment
    # Two formulas, or two versions of one, side by side: line by line and figure by figure, as they are shown.
    class Comparison
      # A figure of both, nil where one has none; change: the difference.
      Figure = Value.of(:figure, :before, :after) do
        def change = ((after - before).round(4) if before && after)
      end
      # A line of both, nil where one has none. texts, grams: [before, after].
      Line = Value.of(:change, :name, :texts, :grams)
      # Two Parts, one of them nil where the other formula has none.
      Pair = Value.of(:was, :now)

      # before, after: Assessments.
      attr_reader :before, :after

      def initialize(before, after)
        @before = before
        @after = after
      end

      # Pairs of components by name; two that are left over, one on either side, are one that was renamed.
      def components
        rest = after.components.dup
        pairs = before.components.map { |part| Pair.new(was: part, now: taken(rest) { |other| other.name == part.name }) }
        alone = pairs.select { |pair| pair.now.nil? }
        pairs[pairs.index(alone.first)] = alone.first.with(now: rest.shift) if alone.size == 1 && rest.size == 1
        pairs + rest.map { |part| Pair.new(was: nil, now: part) }
      end

      # Figures of a Pair; those that neither has are left out.
      def part_figures(pair)
        was, now = [pair.was, pair.now].map { |part| part ? of_part(part) : {} }
        (was.keys | now.keys).map { |key| Figure.new(figure: key, before: was[key], after: now[key]) }
          .reject { |each| each.before.nil? && each.after.nil? }
      end

      # Lines of a Pair. The same ingredient in the same form is the same line; what is left over on either side stands alone.
      def lines(pair)
        was, now = [pair.was, pair.now]
          .map { |part| part ? part.lines.each_with_index.map { |line, at| [line, line.form_in(part.portion(at))] } : [] }
        rest = now.dup
        paired = was.map { |line| [line, taken(rest) { |other| same?(line, other) }] }
        (paired + rest.map { |line| [nil, line] }).map { |one, other| line(one&.first, other&.first) }
      end

      # Figures that a formula has one of.
      def figures
        was, now = [of_whole(before), of_whole(after)]
        (was.keys | now.keys).map { |key| Figure.new(figure: key, before: was[key], after: now[key]) }
      end

      private

      # Takes the first of a list that the block is true of out of it; nil for none.
      def taken(list, &is) = list.index(&is)&.then { |at| list.delete_at(at) }

      def of_part(part)
        saturation = part.verdict&.saturation
        known = !part.bowl.empty?
        {
          "grams" => part.bowl.grams.round(2), "saturation" => (saturation.value.round(3) if part.estimable?),
          "tack" => saturation&.tack&.round(2),
          "grease" => saturation&.grease&.round(2), "sweetness_pct" => (Mixture::Sweetness.percent(part.bowl).round(1) if known)
        }
      end

      def of_whole(assessment)
        outline = Outline.new(assessment).figures
        piece = assessment.nutrition.per_piece || {}
        {
          "grams" => outline[:grams], "sweetness_pct" => outline[:sweetness_pct], "pieces.count" => outline[:pieces],
          "pieces.piece_grams" => outline[:piece_grams], "cost.batch" => outline[:cost_batch], "cost.piece" => outline[:cost]
        }.compact.merge(piece.to_h { |key, value| ["per_piece.#{key}", value.round(2)] })
      end

      def same?((line, form), (other, other_form))
        return line.label == other.label unless line.read? && other.read?

        line.entry == other.entry && form == other_form
      end

      def line(was, now)
        grams = [was, now].map { |each| each&.grams&.to_f&.round(2) }
        change = if was.nil? then "added"
        elsif now.nil? then "gone"
        else (was.label == now.label && grams[0] == grams[1]) ? "same" : "changed"
        end
        first = was || now
        Line.new(change: change, name: first.read? ? first.entry.name : first.label, texts: [was&.label, now&.label], grams: grams)
      end
    end
  end
end
