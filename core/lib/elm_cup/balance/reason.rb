# frozen_string_literal: true

module ElmCup
  module Balance
    # One sentence that says why an answer is the least.
    module Reason
      NOTHING = "It is all so already: nothing has to change."

      MOST_NAMES = 3

      # changes: PatchBuilder::Changes; found: Search::Found; number: 0 for the first answer; times: how many times as large the batch was
      # made first; edge: textures at the edge of their class had to do; quick: nothing smaller was looked for.
      def self.call(changes, found, number, times:, edge:, quick:)
        return "#{said(changes, times)}: the first that was found; a smaller change may yet be." if quick && !found.proved?

        least = "no smaller change in your measures does it"
        least = "none smaller was found; the least is at most #{(found.above * 100).ceil} % smaller" unless found.proved?
        "#{said(changes, times)}; #{least}#{OTHERS[number]}.#{" The texture is only just reached: its middle is out of reach." if edge}"
      end

      OTHERS = ["", " without moving all that the first moves", " without moving all that either of the others moves"].freeze
      KINDS = {"more" => :more, "less" => :less, "in comes" => :added, "instead" => :instead, "out goes" => :gone}.freeze

      def self.said(changes, times)
        factor = Quantity::FractionText.decimal(times.round(2))
        sized = "The same bowl made #{factor} times as large, each line brought to a measure that you have" if times != 1
        moves = changes.reject(&:only_size?)
        parts = KINDS.filter_map do |word, kind|
          names = moves.select { |change| moved(change) == kind }.map { |change| (kind == :gone) ? change.was : change.name }.uniq
          "#{word} #{listed(names)}" if names.any?
        end
        parts[0] = "beside that #{parts[0]}" if sized && parts.any?
        [sized, *parts].compact.join("; ").then { |text| text[0].upcase + text[1..] }
      end

      # The kind of a Change apart from the size of the batch.
      def self.moved(change)
        return change.kind unless change.steps

        change.steps.positive? ? :more : :less
      end

      # Names in a row, the last of many only counted.
      def self.listed(names)
        (names.size > MOST_NAMES) ? "#{names.first(MOST_NAMES - 1).join(", ")} and #{names.size - MOST_NAMES + 1} others" : names.join(", ")
      end
      private_class_method :said, :moved
    end
  end
end
