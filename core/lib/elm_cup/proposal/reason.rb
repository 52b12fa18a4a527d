# frozen_string_literal: true

module ElmCup
  module Proposal
    # One sentence that says why an answer is the least.
    module Reason
      NOTHING = "It is all so already: nothing has to change."

      MOST_NAMES = 3

      # changes: Amended::Changes; found: Balance::Search::Found; number: 0 for the first answer; sized: the batch was made larger or smaller first;
      # edge: textures at the edge of their class had to do; quick: nothing smaller was looked for.
      def self.call(changes, found, number, sized:, edge:, quick:)
        return "#{said(changes, sized)}: the first that was found; a smaller change may yet be." if quick && !found.proved?

        least = found.proved? ? "no smaller change in your measures does it" : "none smaller was found; the least is at most #{(found.above * 100).ceil} % smaller"
        "#{said(changes, sized)}; #{least}#{OTHERS[number]}.#{" The texture is only just reached: its middle is out of reach." if edge}"
      end

      OTHERS = ["", " without moving all that the first moves", " without moving all that either of the others moves"].freeze
      KINDS = {"more" => :more, "less" => :less, "in comes" => :added, "instead" => :instead, "out goes" => :gone}.freeze

      def self.said(changes, sized)
        return "The same bowl made to that size, each line brought to a measure that you have" if sized

        parts = KINDS.filter_map do |word, kind|
          names = changes.select { |change| change.kind == kind }.map { |change| (kind == :gone) ? change.was : change.name }.uniq
          "#{word} #{listed(names)}" if names.any?
        end
        parts.join("; ").then { |text| text[0].upcase + text[1..] }
      end

      # Names in a row, the last of many only counted.
      def self.listed(names)
        (names.size > MOST_NAMES) ? "#{names.first(MOST_NAMES - 1).join(", ")} and #{names.size - MOST_NAMES + 1} others" : names.join(", ")
      end
      private_class_method :said
    end
  end
end
