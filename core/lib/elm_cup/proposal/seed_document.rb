# frozen_string_literal: true

module ElmCup
  module Proposal
    # The formula document that a Cupboard's bowl sets out from: grams of each ingredient in measures that exist.
    class SeedDocument
      # A little salt where there is some, pinched where no spoon is so small. Source: common practice.
      SALT_SPOON = "1/4 tsp"
      SALT_PINCHES = "2 pinches"

      # way: Cupboard::Way; grams: ingredient id => Float; said: the cupboard's Hash.
      def initialize(way, grams, said, library)
        @way = way
        @grams = grams
        @have = said["have"].to_h { |each| [each["ingredient"], each["grams"]] }
        @said = said
        @library = library
        @kitchen = Document::Kitchen.from(said["kitchen"] || {})
        @resolver = Ingredient::LineResolver.new(process: way.family.process, standard: @kitchen.cup, library: library)
      end

      # Grams of it in measures that exist.
      def grams = lines.sum { |line| line["text"] ? @resolver.resolve(line["text"], chosen: line["ingredient"]).grams : line["grams"] }

      # A formula document as a Hash.
      def to_h
        {"elm_cup" => "formula/1", "name" => "#{@way.family.name} bowl: #{@way.filled.first(3).map { |_, entry| entry.name.downcase }.join(", ")}"[0, 120],
         "components" => [{"name" => "dough", "type" => "dough", "process" => @way.family.process, "want" => @said["want"] || "rolls", "lines" => lines}],
         **@said.slice("shape", "kitchen")}
      end

      private

      def lines = @lines ||= [*@way.filled.map { |_, entry| line(entry) }, salt].compact

      # None where there is less than that.
      def salt
        there = @have.fetch("salt") { return }
        text = "#{@kitchen.measures.exists_as(SALT_SPOON) || SALT_PINCHES} fine salt"
        {"text" => text, "ingredient" => "salt"} if there.nil? || @resolver.resolve(text).grams <= there
      end

      # Whole dates, spoons and cups; grams where neither is known, or the least of them is more than there is.
      def line(entry)
        text = words(entry).find { |each| fits?(entry, each) }
        text ? {"text" => text, "ingredient" => entry.id} : weighed(entry)
      end

      def fits?(entry, text)
        line = @resolver.resolve(text, chosen: entry.id)
        line.read? && (@have[entry.id].nil? || line.grams <= @have[entry.id])
      end

      def weighed(entry)
        grams = RestatedLine.number(@grams[entry.id])
        {"ingredient" => entry.id, "grams" => (@have[entry.id] && grams > @have[entry.id]) ? @have[entry.id] : grams}
      end

      def words(entry)
        name = entry.names.first || entry.name.downcase
        name += ", melted" if %w[coconut-oil coconut-butter].include?(entry.like)
        [*(things(entry, name) if entry.family == "dates"), spoons(entry, name)].compact
      end

      # As many whole ones as there is room for, and one less.
      def things(entry, name)
        each = @library.weights(entry.id).find { |weight| weight.size == "medium" && weight.grams_each } or return
        count = (@grams[entry.id] / each.grams_each).floor
        [count, count - 1].select(&:positive?).map { |number| "#{number} #{name}" }
      end

      # The nearest measure to so many whole steps.
      def spoons(entry, name)
        weight = @library.weights(entry.id).find { |each| each.form == entry.hand_form && each.grams_per_ml } || @library.weights(entry.id).find(&:grams_per_ml) or return
        ml = Rational(@grams[entry.id].round(3).to_s) / weight.grams_per_ml
        step = Balance::Steps.step(:millilitres, ml, @kitchen.measures)
        "#{@kitchen.measures.nearest([(ml / step).floor * step, step].max, exact: true).text} #{name}"
      end
    end
  end
end
