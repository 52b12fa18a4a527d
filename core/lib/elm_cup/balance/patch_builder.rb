# frozen_string_literal: true

module ElmCup
  module Balance
    # A formula document with the moves of a solved Problem written into it, as a JSON Patch.
    class PatchBuilder
      # A move whose amount is within this share of what it was is none.
      SAME = 1e-9

      attr_reader :changes, :patch, :touched

      # problem: Problem; values: of its Solution; spots: id => SituationReader::Spot.
      def initialize(document, problem, values, spots)
        @document = document
        @problem = problem
        @values = values
        @spots = spots
        @changes = []
        @touched = []
        @patch = [*lines, *shape]
      end

      # The new document.
      def document = @changed ||= Document::Patch.apply(@document, patch)

      private

      def lines
        operations = @problem.moves.filter_map { |move| operation(move) }
        replaced, rest = operations.partition { |each| each["op"] == "replace" }
        removed, added = rest.partition { |each| each["op"] == "remove" }
        # From behind, so that what goes does not move what is still to go.
        replaced + removed.sort_by { |each| each["path"].split("/").map(&:to_i) }.reverse + added
      end

      def operation(move)
        return gone(move) if move.gone && move.amount.line?
        return unless move.amount.line? || stands?(move)

        @touched << move.at if move.columns.any? { |column| @values[column].round != 0 }
        case move.amount.role
        when :line then moved(move)
        when :helper then added(move)
        when :instead then instead(move)
        end
      end

      def stands?(move) = move.comes && @values[move.comes].round == 1 && (move.count.nil? || @values[move.count].round.positive?)

      def steps(move)
        return @values[move.count].round if move.count
        return 0 unless move.up

        @values[move.up].round - @values[move.down].round
      end

      def moved(move)
        amount = move.amount
        spot = @spots.fetch(amount.id)
        return unless amount.steps

        count = steps(move)
        grams = amount.steps.grams(count)
        return if (grams - spot.line.grams).abs <= SAME * grams

        value = LineText.call(spot.said, spot.line, amount.steps.text(count), grams, spot.part.resolver)
        note((grams > spot.line.grams) ? :more : :less, spot, amount.entry, text: difference(amount, spot, count, grams),
          grams: (grams - spot.line.grams).to_f, was: spot.line.label, now: said(value, amount.entry), steps: count)
        {"op" => "replace", "path" => spot.pointer, "value" => value}
      end

      # Steps from the amount that was typed; in a batch made larger the whole difference in grams, and how far the line is off the new
      # size.
      def difference(amount, spot, count, grams)
        return amount.steps.difference(count) if (amount.steps.grams - spot.line.grams).abs <= SAME * grams

        change = (grams - spot.line.grams).to_f
        whole = "#{change.negative? ? "−" : "+"}#{LineText.number(change.abs)} g #{amount.entry.name.downcase}"
        return whole if count.zero?

        "#{whole}, #{amount.steps.difference(count)[1..]} #{count.positive? ? "more" : "less"} than × #{Quantity::FractionText.decimal(@problem.situation.times.round(2))}"
      end

      def added(move)
        spot = @spots.fetch(move.amount.id)
        steps = move.amount.steps
        count = steps(move)
        text = "#{steps.text(count)} #{spot.said["text"].delete_prefix(steps.text(1)).strip}"
        note(:added, spot, move.amount.entry, text: "+#{steps.text(count)}", grams: steps.grams(count).to_f, was: nil, now: text)
        {"op" => "add", "path" => spot.pointer, "value" => {"text" => text, "ingredient" => move.amount.entry.id}}
      end

      def instead(move)
        spot = @spots.fetch(move.amount.id)
        steps = move.amount.steps
        count = steps(move)
        value = LineText.call(spot.said, spot.line, steps.text(count), steps.grams(count), spot.part.resolver)
        text = said(value, move.amount.entry)
        note(:instead, spot, move.amount.entry, text: text, grams: steps.grams(count).to_f,
          was: @spots.fetch(move.amount.instead_of).line.label, now: text)
        {"op" => "replace", "path" => spot.pointer, "value" => value}
      end

      # A line that goes is written where its stand-in takes its place.
      def gone(move)
        return if @problem.moves.any? { |other| other.amount.instead_of == move.amount.id && stands?(other) }

        spot = @spots.fetch(move.amount.id)
        note(:gone, spot, move.amount.entry, text: "−#{spot.line.label}", grams: -spot.line.grams.to_f, was: spot.line.label, now: nil)
        {"op" => "remove", "path" => spot.pointer}
      end

      def said(value, entry) = value["text"] || "#{value["grams"]} g #{entry.name.downcase}"

      def note(kind, spot, entry, text:, **facts)
        name = entry.name.downcase
        named = (text.downcase.include?(name) || %i[gone instead].include?(kind)) ? text : "#{text} #{name}"
        @changes << Change.new(kind: kind, component: spot.part.name, ingredient: entry.id, name: name, text: named, **facts)
      end

      # A number of pieces that was wished for is the document's.
      def shape
        shape = @problem.situation.pieces&.shape
        shape ? shape.patch(Piece::Shape.from(@document["shape"])) : []
      end
    end
  end
end
