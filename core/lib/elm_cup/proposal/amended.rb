# frozen_string_literal: true

module ElmCup
  module Proposal
    # A formula document with the moves of a solved Problem written into it.
    class Amended
      # One line that is not as it was: kind :more, :less, :added, :gone or :instead; text says it ("+2 tsp water"), grams the difference,
      # was and now the lines as they read, nil where there is none; steps: how many it moves apart from the size of the batch, nil for no line
      # that stays.
      Change = Value.of(:kind, :component, :pointer, :ingredient, :name, :text, :grams, :was, :now, steps: nil) do
        # The line goes with the size of the batch, and no further.
        def only_size? = steps == 0
      end
      # A move whose amount is within this share of what it was is none.
      SAME = 1e-9

      attr_reader :changes, :patch, :touched

      # problem: Balance::Problem; values: of its Solution; spots: id => SituationReader::Spot.
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
      def document = @amended ||= Patch.apply(@document, patch)

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

        value = RestatedLine.call(spot.said, spot.line, amount.steps.text(count), grams, spot.place.read.resolver)
        more = grams > spot.line.grams
        note(more ? :more : :less, spot, amount.entry, difference(amount, spot, count, grams), (grams - spot.line.grams).to_f, spot.line.label, said(value, amount.entry), steps: count)
        {"op" => "replace", "path" => spot.pointer, "value" => value}
      end

      # Steps from the amount that was typed; in a batch made larger the whole difference in grams, and how far the line is off the new size.
      def difference(amount, spot, count, grams)
        return amount.steps.difference(count) if (amount.steps.grams - spot.line.grams).abs <= SAME * grams

        change = (grams - spot.line.grams).to_f
        whole = "#{change.negative? ? "−" : "+"}#{RestatedLine.number(change.abs)} g #{amount.entry.name.downcase}"
        return whole if count.zero?

        "#{whole}, #{amount.steps.difference(count)[1..]} #{count.positive? ? "more" : "less"} than × #{Quantity::FractionText.decimal(@problem.situation.times.round(2))}"
      end

      def added(move)
        spot = @spots.fetch(move.amount.id)
        steps = move.amount.steps
        count = steps(move)
        text = "#{steps.text(count)} #{spot.said["text"].delete_prefix(steps.text(1)).strip}"
        note(:added, spot, move.amount.entry, "+#{steps.text(count)}", steps.grams(count).to_f, nil, text)
        {"op" => "add", "path" => spot.pointer, "value" => {"text" => text, "ingredient" => move.amount.entry.id}}
      end

      def instead(move)
        spot = @spots.fetch(move.amount.id)
        steps = move.amount.steps
        count = steps(move)
        value = RestatedLine.call(spot.said, spot.line, steps.text(count), steps.grams(count), spot.place.read.resolver)
        note(:instead, spot, move.amount.entry, said(value, move.amount.entry), steps.grams(count).to_f, @spots.fetch(move.amount.instead_of).line.label, said(value, move.amount.entry))
        {"op" => "replace", "path" => spot.pointer, "value" => value}
      end

      # A line that goes is written where its stand-in takes its place.
      def gone(move)
        return if @problem.moves.any? { |other| other.amount.instead_of == move.amount.id && stands?(other) }

        spot = @spots.fetch(move.amount.id)
        note(:gone, spot, move.amount.entry, "−#{spot.line.label}", -spot.line.grams.to_f, spot.line.label, nil)
        {"op" => "remove", "path" => spot.pointer}
      end

      def said(value, entry) = value["text"] || "#{value["grams"]} g #{entry.name.downcase}"

      def note(kind, spot, entry, text, grams, was, now, steps: nil)
        name = entry.name.downcase
        named = (text.downcase.include?(name) || %i[gone instead].include?(kind)) ? text : "#{text} #{name}"
        @changes << Change.new(kind: kind, component: spot.place.read.name, pointer: spot.pointer, ingredient: entry.id, name: name, text: named, grams: grams, was: was, now: now, steps: steps)
      end

      # A number of pieces that was wished for is the document's.
      def shape
        pieces = @problem.situation.pieces
        return [] unless pieces&.kind == :count && @document.dig("shape", "pieces") && @document["shape"]["pieces"] != pieces.size

        [{"op" => "replace", "path" => "/shape/pieces", "value" => pieces.size}]
      end
    end

    # Applies the few kinds of JSON Patch operations (RFC 6902) that are written here: add at the end of a list or a member, replace, remove.
    module Patch
      # A new document; the given one is left as it is.
      def self.apply(document, operations)
        operations.each_with_object(JSON.parse(JSON.generate(document))) { |operation, whole| one(whole, operation) }
      end

      def self.one(whole, operation)
        *path, last = operation["path"].split("/").drop(1)
        into = path.reduce(whole) { |part, key| part.is_a?(Array) ? part[key.to_i] : part[key] }
        key = (into.is_a?(Array) && last != "-") ? last.to_i : last
        case operation["op"]
        when "remove" then into.is_a?(Array) ? into.delete_at(key) : into.delete(key)
        when "add" then (last == "-") ? into.push(operation["value"]) : into[key] = operation["value"]
        when "replace" then into[key] = operation["value"]
        end
      end
      private_class_method :one
    end
  end
end
