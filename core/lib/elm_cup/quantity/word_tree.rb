# frozen_string_literal: true

module ElmCup
  module Quantity
    # One pattern of many words that parts where they do, "c(?:up(?:s)?|an)", so that a text is held against a few letters and not against
    # every word. It matches what `Regexp.union` of the words, the longest first, would.
    module WordTree
      # The source of a Regexp for `words`; a blank in one stands for blanks.
      def self.source(words)
        tree = words.each_with_object({}) do |word, root|
          word.each_char.reduce(root) { |node, letter| node[letter] ||= {} }[nil] = true
        end
        of(tree)
      end

      # Source of all that may follow in a Hash of letters, where nil says that a word ends here.
      def self.of(node)
        ways = node.except(nil).map { |letter, rest| (letter.match?(/\s/) ? "\\s+" : Regexp.escape(letter)) + of(rest) }
        return "" if ways.empty?
        return ways.first if ways.one? && !node.key?(nil)

        "(?:#{ways.join("|")})#{"?" if node.key?(nil)}"
      end
      private_class_method :of
    end
  end
end
