# frozen_string_literal: true

module ElmCup
  class Assessment
    # The components of a formula read, sources before those that take of them, and what is left of each.
    class Shares
      attr_reader :formula, :library, :components

      # formula: Document::Formula, free of loops.
      def initialize(formula, library)
        @formula = formula
        @library = library
        @read = {}
        @drawn = Hash.new(Rational(0))
        @components = formula.components.each_index.map { |index| component(index) }
      end

      # Share of a component that stays after others took of it, exact.
      def left(component) = [1 - takings_of(component.name).sum(&:fraction), Rational(0)].max

      # The lines of what is left of a component, each with its grams.
      def lines_left(component) = lines_of(component, left(component))

      # Names of the components that `component` may take of without closing a loop.
      def may_take(component)
        @sources ||= formula.components.to_h { |part| [part.name, part.takes.map(&:component).uniq] }
        Document::ShareLoops.open_to(component.name, @sources)
      end

      # Lines of a share of a component.
      def lines_of(component, share)
        if share == 1
          component.contents
        else
          component.contents.map { |line| line.read? ? line.times(share) : line }
        end
      end

      private

      # Takings of the one called `name` that are known.
      def takings_of(name)
        @takings ||= components.flat_map(&:takings).select(&:known?).group_by { |taking| taking.source.name }
        @takings.fetch(name, [])
      end

      def component(index)
        @read[index] ||= begin
          part = formula.components[index]
          takings = part.takes.each_with_index.map { |take, at| taking(take, "#{part.pointer}/takes/#{at}") }
          takings.empty? ? Part.kept(part, formula, library) : Part.new(part, formula, library, takings: takings)
        end
      end

      def taking(take, at)
        source = component(formula.components.index { |part| part.name == take.component })
        taking = TakeReader.read(take, source, at, formula.kitchen.cup)
        drawn = @drawn[source.name] + (taking.fraction || 0)
        return taking.with(fraction: nil, message: overdrawn(source)) if drawn > Document::Links::WHOLE

        @drawn[source.name] = drawn
        taking
      end

      def overdrawn(source) = FaultWords.say(:take_overdrawn, name: source.name, grams: source.grams.to_f.round)
    end
  end
end
