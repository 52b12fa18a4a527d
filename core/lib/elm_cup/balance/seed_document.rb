# frozen_string_literal: true

module ElmCup
  module Balance
    # The formula document of a UsualBowl: about the grams of each ingredient, in measures that exist.
    class SeedDocument
      # A little salt where there is some, pinched where no spoon is so small. Source: common practice.
      SALT_SPOON = "1/4 tsp"
      SALT_PINCHES = "2 pinches"
      # A line of a document with its grams.
      SeedLine = Value.of(:line, :grams)

      # bowl: UsualBowl; grams: ingredient id => Float; range: grams that the whole should come to; said: the cupboard's Hash.
      def initialize(bowl, grams, range, said, library)
        @bowl = bowl
        @grams = grams
        @range = range
        @said = said
        @library = library
        @have = said["have"].to_h { |each| [each["ingredient"], each["grams"]] }
        @kitchen = Document::Kitchen.from(said["kitchen"] || {}, library.kitchen)
        @resolver = Ingredient::LineResolver.new(process: bowl.family.process, standard: @kitchen.cup, library: library)
      end

      # What it comes to.
      def grams = sum(chosen)

      # A formula document as a Hash.
      def to_h
        {"elm_cup" => "formula/1", "name" => "#{@bowl.family.name} bowl: #{@bowl.entries.first(3).map { |entry| entry.name.downcase }.join(", ")}"[0, 120],
         "components" => [{"name" => "dough", "type" => "dough", "process" => @bowl.family.process,
                           "want" => @said["want"] || Document::Want.of(Document::PartType.usual.id, @said.dig("shape", "kind")),
                           "lines" => chosen.map(&:line)}],
         **@said.slice("shape", "kitchen")}
      end

      private

      # The nearest measure of each; where that does not come to what it should, as few of them as can be a step more or less.
      def chosen
        @chosen ||= begin
          nearest, *others = @bowl.entries.map { |entry| measures(entry) }.then { |first, *rest| first.product(*rest) }
            .map { |lines| [*lines, *salt] }
          @range.cover?(sum(nearest)) ? nearest : others.select { |lines| @range.cover?(sum(lines)) }
            .min_by { |lines| [(lines - nearest).size, (sum(lines) - sum(nearest)).abs] } || nearest
        end
      end

      def sum(lines) = lines.sum { |measured| measured.grams.to_f }

      # None where there is less than that.
      def salt
        return [] unless @have.key?("salt")

        @salt ||= [measured("salt", "#{@kitchen.measures.exists_as(SALT_SPOON) || SALT_PINCHES} fine salt")].compact
      end

      # Measureds: whole dates, else spoons and cups, the nearest first; grams where neither is known, or the least of them is more than
      # there is.
      def measures(entry)
        name = entry.names.first || entry.name.downcase
        name += ", melted" if %w[coconut-oil coconut-butter].include?(entry.like)
        amounts = ((entry.family == "dates") ? things(entry) : nil) || spoons(entry) || []
        amounts.filter_map { |amount| measured(entry.id, "#{amount} #{name}") }.then { |found| found.any? ? found : [weighed(entry)] }
      end

      # nil for what cannot be read, and for more than there is.
      def measured(id, text)
        line = @resolver.resolve(text, chosen: id)
        SeedLine.new(line: {"text" => text, "ingredient" => id}, grams: line.grams) if line.read? &&
          (@have[id].nil? || line.grams <= @have[id])
      end

      def weighed(entry)
        grams = [LineText.number(@grams[entry.id]), @have[entry.id]].compact.min
        SeedLine.new(line: {"ingredient" => entry.id, "grams" => grams}, grams: grams)
      end

      # Whole ones.
      def things(entry)
        each = @library.weights(entry.id).find { |weight| weight.size == "medium" && weight.grams_each } or return
        around(@grams[entry.id] / each.grams_each)
      end

      # Whole steps in spoons and cups.
      def spoons(entry)
        weight = @library.weights(entry.id).find { |each| each.form == entry.hand_form && each.grams_per_ml } ||
          @library.weights(entry.id).find(&:grams_per_ml) or return
        ml = Rational(@grams[entry.id].round(3).to_s) / weight.grams_per_ml
        step = Steps.step(:millilitres, ml, @kitchen.measures)
        around(ml / step).map { |count| @kitchen.measures.nearest(count * step, exact: true).text }
      end

      # The nearest whole number, one less and one more.
      def around(number) = [number.round, number.round - 1, number.round + 1].select(&:positive?)
    end
  end
end
