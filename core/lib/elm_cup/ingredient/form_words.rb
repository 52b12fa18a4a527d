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
        # The first word of each, with the forms that it may name: most texts have none of them, which is soon seen.
        @first = rows.each_with_object({}) { |row, first|
          DataTable.list(row["words"]).each { |words| (first[words.downcase[/[[:alpha:]]+/]] ||= []) << row["form"] }
        }.freeze
        freeze
      end

      # Every single word of them.
      attr_reader :words

      # Every form that `text` names, most telling first.
      def named_in(text)
        may = text.downcase.scan(/[[:alpha:]]+/).filter_map { |word| @first[word] }
        return [] if may.empty?

        may.flatten!
        @patterns.filter_map { |form, pattern| form if may.include?(form) && pattern.match?(text) }
      end

      # `text` without the words that name forms.
      def strip(text) = @patterns.values.reduce(text) { |rest, pattern| rest.gsub(pattern, " ") }.squeeze(" ").strip
    end
  end
end
