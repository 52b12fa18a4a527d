# frozen_string_literal: true

module ElmCup
  module Assessment
    # One component, or one flavour of it, with its lines read, mixed and judged; what the answer is written from.
    class ReadComponent
      attr_reader :component, :lines_at, :lines, :taken, :contents, :bowl, :resolver, :measures, :want, :library

      # component: Document::Component; lines_at: pointer to its lines in the document; formula: Document::Formula it stands in;
      # taken: Takens of the components it takes a share of; opening: JSON Patch operations that make the list of lines, if any.
      def initialize(component, lines_at, formula, library, taken: [], opening: [])
        @component = component
        @lines_at = lines_at
        @kitchen = formula.kitchen
        @library = library
        @taken = taken
        @opening = opening
        @measures = formula.kitchen.measures
        @resolver = Ingredient::LineResolver.new(process: component.process, standard: @kitchen.cup, library: library)
        @lines = component.lines.map { |line| read(line) }
        @contents = @lines + Ingredient::Line.summed(taken.flat_map { |each| each.lines(component.process) })
        @bowl = Mixture::Bowl.new(@contents)
        @want = Want.for(component, formula.shape)
      end

      # The name in the document.
      def name = component.name

      # Exact grams of what was mixed, as far as it is read.
      def grams = @grams ||= contents.select(&:read?).sum(Rational(0)) { |line| Rational(line.grams) }

      # Coats are melted and toppings strewn, so they are not part of what is rolled into pieces.
      def in_piece? = !Want::UNJUDGED.include?(component.type)

      # A line is not read, here or in what it takes of.
      def flagged? = !bowl.complete? || !taken.all?(&:known?)

      # Binding::Verdict; nil while a line is flagged, when it is empty, or for a coat or topping with no wanted texture.
      def verdict
        return @verdict if defined?(@verdict)

        @verdict = (Binding::Verdict.new(mix) if mix && want)
      end

      # Binding::Mix, nil while a line is flagged or the component is empty.
      def mix
        return @mix if defined?(@mix)

        @mix = (Binding::Mix.new(contents, process: component.process, room_c: @kitchen.room_c, library: @library) unless flagged? || bowl.empty?)
      end

      # Binding::Rescue for the wanted texture, nil without a verdict.
      def rescue_from
        @rescue_from ||= verdict && Binding::Rescue.new(mix, want: want, measures: measures, lines_at: lines_at, opening: @opening, library: @library)
      end

      # What SecondLook's rules look at; nil while it is empty.
      def table
        return if bowl.empty?

        @table ||= SecondLook::Table.new(name: name, lines_at: lines_at, opening: @opening, type: component.type, process: component.process, lines: lines,
          bowl: bowl, mix: mix, measures: measures, resolver: resolver, library: library)
      end

      private

      def read(line)
        line.text ? resolver.resolve(line.text, chosen: line.ingredient) : resolver.weighed(line.ingredient, line.grams)
      end
    end
  end
end
