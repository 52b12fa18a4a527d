# frozen_string_literal: true

module ElmCup
  module Ingredient
    # The words that name a form: "ground", "melted", "to a paste". Rows of form_words.csv, most telling first.
    class FormWords
      def initialize(rows)
        @words = rows.flat_map { |row| row["words"].downcase.scan(/[a-z]+/) }.uniq.freeze
        @patterns = rows.to_h do |row|
          words = DataTable.list(row["words"]).sort_by { |word| -word.length }
          [row["form"], /(?<![[:alpha:]])(?:#{words.map { |word| Regexp.escape(word) }.join("|")})(?![[:alpha:]])/i]
        end.freeze
        # The first word of each: a text that has none of them names no form, which is soon seen.
        @first = rows.flat_map { |row| DataTable.list(row["words"]) }.to_h { |words| [words.downcase[/[[:alpha:]]+/], true] }.freeze
        freeze
      end

      # Every single word of them.
      attr_reader :words

      # Every form that `text` names, most telling first.
      def named_in(text)
        return [] unless text.downcase.scan(/[[:alpha:]]+/).any? { |word| @first.key?(word) }

        @patterns.filter_map { |form, pattern| form if pattern.match?(text) }
      end

      # `text` without the words that name forms.
      def strip(text) = @patterns.values.reduce(text) { |rest, pattern| rest.gsub(pattern, " ") }.squeeze(" ").strip
    end
  end
end
