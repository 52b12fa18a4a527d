# frozen_string_literal: true

module ElmCup
  module Binding
    # Something that may be stirred in: how it is written in a line of the bowl, and what such a line reads as. Every line is read as the
    # document will read it, so that a dose weighs what it says.
    class Helper
      # The Helper of an Ingredient::Line that is in the bowl; resolver: Ingredient::LineResolver.
      def self.like(line, resolver)
        name = line.text ? line.name : line.entry.names.first || line.entry.name.downcase
        form = line.melted ? "melted" : (line.form if line.form_named)
        words = (form && !said?(form, name)) ? "#{name}, #{form}" : name
        new(line.entry, words, resolver, there: true)
      end

      # True when a name says a form already, as words of their own.
      def self.said?(form, name) = " #{name.downcase.gsub(/[^\p{L}]+/, " ")} ".include?(" #{form} ")
      private_class_method :said?

      attr_reader :entry, :words

      # there: it is in the bowl already.
      def initialize(entry, words, resolver, there: false)
        @entry = entry
        @words = words
        @resolver = resolver
        @there = there
      end

      def there? = @there

      # The Ingredient::Line of an amount such as "1 tsp"; nil where it cannot be read so.
      def line(amount)
        line = @resolver.resolve("#{amount} #{words}", chosen: entry.id)
        line if line.read? && line.grams.positive?
      end

      # Grams in a mL; nil where it is not measured by spoons.
      def grams_per_ml(standard) = line("1 tsp")&.then { |line| line.grams / standard.teaspoon_ml }

      # The Line of a hundred grams.
      def in_grams = line("100 g")
    end
  end
end
