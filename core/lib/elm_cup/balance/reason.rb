# frozen_string_literal: true

module ElmCup
  module Balance
    # One sentence that says why an answer is the least.
    module Reason
      NOTHING = "All wishes are met already: nothing has to change."

      MOST_NAMES = 3

      # changes: PatchBuilder::Changes; found: Search::Found; number: 0 for the first answer; times: how many times as large the batch was
      # made first; edge: textures at the edge of their class had to do; quick: nothing smaller was looked for; one_size: it is the least
      # for pieces as large as they are.
      def self.call(changes, found, number, times:, edge:, quick:, one_size: false)
        return "#{said(changes, times)}: the first one found; there may be a smaller change." if quick && !found.proved?

        words = found.proved? ? least(number: number, edge: edge, one_size: one_size) : near(found.above, number, edge)
        "#{said(changes, times)}: #{words}"
      end

      # Words of an answer that is the least of its kind; proved: for sure.
      def self.least(number:, edge:, proved: true, one_size: false)
        size = " with pieces as they are" if one_size
        "#{proved ? "the smallest change in your measures" : "the smallest found"}#{size}#{OTHERS[number]}.#{gets_there(edge)}"
      end

      def self.near(above, number, edge)
        "the smallest found#{OTHERS[number]}; it could be at most #{(above * 100).ceil} % smaller.#{gets_there(edge)}"
      end

      def self.gets_there(edge) = (" It only just gets there." if edge)

      OTHERS = ["", " that is not the first one", " that is neither of the others"].freeze
      KINDS = {"more" => :more, "less" => :less, "add" => :added, "instead" => :instead, "leave out" => :gone}.freeze

      # What the changes do, in a few words.
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
      private_class_method :near, :gets_there, :moved
    end
  end
end
