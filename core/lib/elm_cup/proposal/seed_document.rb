# frozen_string_literal: true

module ElmCup
  module Proposal
    # The formula document that a Cupboard's bowl sets out from: grams of each ingredient in measures that exist.
    class SeedDocument
      # A little salt where there is some. Source: common practice.
      SALT = {"text" => "1/4 tsp fine salt", "ingredient" => "salt"}.freeze

      # way: Cupboard::Way; grams: ingredient id => Float; said: the cupboard's Hash.
      def initialize(way, grams, said, library)
        @way = way
        @grams = grams
        @said = said
        @library = library
        @kitchen = Document::Kitchen.from(said["kitchen"] || {})
        @resolver = Ingredient::LineResolver.new(process: way.family.process, standard: @kitchen.cup, library: library)
      end

      # A formula document as a Hash.
      def to_h
        lines = @way.filled.map { |_, entry| line(entry) }
        lines << SALT if @said["have"].any? { |each| each["ingredient"] == "salt" }
        {"elm_cup" => "formula/1", "name" => "#{@way.family.name} bowl: #{@way.filled.first(3).map { |_, entry| entry.name.downcase }.join(", ")}"[0, 120],
         "components" => [{"name" => "dough", "type" => "dough", "process" => @way.family.process, "want" => @said["want"] || "rolls", "lines" => lines}],
         **@said.slice("shape", "kitchen")}
      end

      private

      # Whole dates, spoons and cups, grams where neither is known.
      def line(entry)
        words(entry).find { |text| @resolver.resolve(text, chosen: entry.id).read? }.then { |text| text ? {"text" => text, "ingredient" => entry.id} : weighed(entry) }
      end

      def weighed(entry) = {"ingredient" => entry.id, "grams" => RestatedLine.number(@grams[entry.id])}

      def words(entry)
        name = entry.names.first || entry.name.downcase
        name += ", melted" if %w[coconut-oil coconut-butter].include?(entry.like)
        [(things(entry, name) if entry.family == "dates"), spoons(entry, name)].compact
      end

      def things(entry, name)
        each = @library.weights(entry.id).find { |weight| weight.size == "medium" && weight.grams_each } or return
        count = [(@grams[entry.id] / each.grams_each).floor, 1].max
        "#{count} #{name}"
      end

      # Never more than there is: the nearest measure that is not over.
      def spoons(entry, name)
        weight = @library.weights(entry.id).find { |each| each.form == entry.hand_form && each.grams_per_ml } || @library.weights(entry.id).find(&:grams_per_ml) or return
        ml = Rational(@grams[entry.id].round(3).to_s) / weight.grams_per_ml
        step = Balance::Steps.step(:millilitres, ml, @kitchen.measures)
        "#{@kitchen.measures.nearest([(ml / step).floor * step, step].max, exact: true).text} #{name}"
      end
    end
  end
end
