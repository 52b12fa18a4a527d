# frozen_string_literal: true

module ElmCup
  module Assessment
    # A whole formula read: its components in the order of the document, sources before those that take of them, what is left
    # of each, and its flavours.
    class ReadFormula
      attr_reader :formula, :components, :flavours, :library

      # formula: Document::Formula, free of loops.
      def initialize(formula, library)
        @formula = formula
        @library = library
        @read = {}
        @drawn = Hash.new(Rational(0))
        @components = formula.components.each_index.map { |index| component(index) }
        @flavours = formula.splits.each_with_index.map { |split, at| Flavour.new(split, at, self) }
      end

      # What components take of the one called `name`: Takens that are known.
      def takings_of(name)
        @takings ||= components.flat_map(&:taken).select(&:known?).group_by { |taken| taken.source.name }
        @takings.fetch(name, [])
      end

      # Share of a ReadComponent that stays after others took of it.
      def left(component) = [1 - takings_of(component.name).sum(&:fraction), Rational(0)].max

      # Names of the components that `component` may take of without closing a loop.
      def may_take(component)
        @sources ||= formula.components.to_h { |part| [part.name, part.takes.map(&:component).uniq] }
        Document::ShareLoops.open_to(component.name, @sources)
      end

      # The lines of what is left of `component`, each with its grams.
      def lines_left(component)
        share = left(component)
        if share == 1
          component.contents
        else
          component.contents.map { |line| line.read? ? line.times(share) : line }
        end
      end

      # The base of a Document::Split.
      def base_of(split)
        name = split.component || Document::Leading.name(formula.components.map { |part| {"name" => part.name, "type" => part.type} })
        components.find { |part| part.name == name }
      end

      private

      def component(index)
        @read[index] ||= begin
          part = formula.components[index]
          taken = part.takes.each_with_index.map { |take, at| taken(take, "/components/#{index}/takes/#{at}") }
          ReadComponent.new(part, "/components/#{index}/lines", formula, library, taken: taken)
        end
      end

      def taken(take, at)
        source = component(formula.components.index { |part| part.name == take.component })
        taken = TakeReader.read(take, source, at, formula.kitchen.cup)
        drawn = @drawn[source.name] + (taken.fraction || 0)
        return taken.with(fraction: nil, message: overdrawn(source)) if drawn > Document::Links::WHOLE

        @drawn[source.name] = drawn
        taken
      end

      def overdrawn(source)
        "More of “#{source.name}” is taken than there is: #{source.grams.to_f.round} g are mixed. Take less, or mix more."
      end
    end
  end
end
