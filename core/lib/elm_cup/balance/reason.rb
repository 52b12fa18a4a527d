# frozen_string_literal: true

module ElmCup
  module Balance
    # One sentence that says why an answer is the least.
    module Reason
      NOTHING = "All wishes are met already: nothing has to change."

      MOST_NAMES = 3

      # changes: PatchBuilder::Changes; found: Search::Found; number: 0 for the first answer; times: how many times as large the batch was
      # made first; edge: textures at the edge of their class had to do; quick: nothing smaller was looked for.
      def self.call(changes, found, number, times:, edge:, quick:)
        return "#{said(changes, times)}: the first one found; there may be a smaller change." if quick && !found.proved?

        least = "the smallest change in your measures"
        least = "the smallest found; it could be at most #{(found.above * 100).ceil} % smaller" unless found.proved?
        "#{said(changes, times)}: #{least}#{OTHERS[number]}.#{" It only just gets there." if edge}"
      end

      OTHERS = ["", " that is not the first one", " that is neither of the others"].freeze
      KINDS = {"more" => :more, "less" => :less, "add" => :added, "instead" => :instead, "leave out" => :gone}.freeze

      def self.said(changes, times)
        factor = Quantity::FractionText.decimal(times.round(2))
        sized = "The batch × #{factor}, in measures that you have" if times != 1
        moves = changes.reject(&:only_size?)
        parts = KINDS.filter_map do |word, kind|
          names = moves.select { |change| moved(change) == kind }.map { |change| (kind == :gone) ? change.was : change.name }.uniq
          if names.any?
            (kind == :instead) ? "#{listed(names)} instead" : "#{word} #{listed(names)}"
          end
        end
        parts[0] = "also #{parts[0]}" if sized && parts.any?
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
