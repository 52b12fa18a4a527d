# frozen_string_literal: true

module ElmCup
  module Assessment
    # One component with its lines read, mixed and judged; what the answer is written from.
    class ReadComponent
      attr_reader :component, :index, :lines, :bowl, :resolver, :measures, :want, :library

      # component: Document::Component; formula: Document::Formula it stands in.
      def initialize(component, index, formula, library)
        @component = component
        @index = index
        @kitchen = formula.kitchen
        @library = library
        @measures = formula.kitchen.measures
        @resolver = Ingredient::LineResolver.new(process: component.process, standard: @kitchen.cup, library: library)
        @lines = component.lines.map { |line| read(line) }
        @bowl = Mixture::Bowl.new(@lines)
        @want = Want.for(component, formula.shape)
      end

      # The name in the document.
      def name = component.name

      # Coats are melted and toppings strewn, so they are not part of what is rolled into pieces.
      def in_piece? = !Want::UNJUDGED.include?(component.type)

      # A line is not read.
      def flagged? = !bowl.complete?

      # Binding::Verdict; nil while a line is flagged, when it is empty, or for a coat or topping with no wanted texture.
      def verdict
        return @verdict if defined?(@verdict)

        @verdict = (Binding::Verdict.new(mix) if mix && want)
      end

      # Binding::Mix, nil while a line is flagged or the component is empty.
      def mix
        return @mix if defined?(@mix)

        @mix = (Binding::Mix.new(lines, process: component.process, room_c: @kitchen.room_c, library: @library) unless flagged? || bowl.empty?)
      end

      # Binding::Rescue for the wanted texture, nil without a verdict.
      def rescue_from
        @rescue_from ||= verdict && Binding::Rescue.new(mix, want: want, measures: measures, component: index, library: @library)
      end

      # SecondLook::Findings.
      def findings
        return [] if bowl.empty?

        SecondLook.findings(SecondLook::Table.new(name: name, index: index, type: component.type, process: component.process, lines: lines,
          bowl: bowl, mix: mix, measures: measures, resolver: resolver))
      end

      private

      def read(line)
        line.text ? resolver.resolve(line.text, chosen: line.ingredient) : resolver.weighed(line.ingredient, line.grams)
      end
    end
  end
end
