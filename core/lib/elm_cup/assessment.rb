# frozen_string_literal: true

module ElmCup
  # Everything that can be said of a formula, as a value: its parts with their lines read, mixed and judged, and its sections (pieces,
  # nutrition, cost, findings …), each reckoned when it is first asked for and never twice. Sections lie in the folders of their
  # questions and register themselves (see Section).
  class Assessment
    # What is asked for beside sections: the components and flavours themselves.
    COMPONENTS = "components"

    # The Assessment of a parsed formula document. InvalidDocument when it cannot be taken.
    def self.of(document, library:) = new(Document::Formula.from(document, household: library.kitchen), library)

    # Names of all that can be asked for.
    def self.section_names = [COMPONENTS, *Section.all.keys]

    # Parts in the order of the document; Flavours.
    attr_reader :formula, :library, :components, :flavours

    # formula: Document::Formula, free of loops; library: Ingredient::Library.
    def initialize(formula, library)
      @formula = formula
      @library = library
      @shares = Shares.new(formula, library)
      @components = @shares.components
      @flavours = formula.splits.map { |split| Flavour.new(split, components[split.base], @shares) }
      @sections = {}
    end

    def name = formula.name

    # Short, so that an error that names it stays readable.
    def inspect = "#<#{self.class} of #{name.inspect}>"

    # Every Part: components, then what is folded into each flavour and what is strewn on it.
    def parts = @parts ||= components + flavours.flat_map { |flavour| [flavour.folded, flavour.topping] }

    # Parts whose texture may be judged: components, then what is folded into each flavour.
    def judged_parts = @judged_parts ||= components + flavours.map(&:folded)

    # The judged Part of that name, the leading component where it is nil; nil where there is none.
    def part(name) = name ? judged_parts.find { |part| part.name == name } : leading

    # The component that stands for the whole.
    def leading = @leading ||= Document::Parts.leading(components)

    # [Part, Ingredient::Line, its index] of every line that is read.
    def read_lines
      @read_lines ||= parts.flat_map { |part| part.read_lines.map { |line, at| [part, line, at] } }
    end

    # The share of a component that stays after others took of it; names of what it may take of without closing a loop.
    def left(component) = @shares.left(component)

    def may_take(component) = @shares.may_take(component)

    # Everything in it as one Mixture::Bowl.
    def bowl
      @bowl ||= begin
        flavoured = flavours.flat_map { |flavour| flavour.folded.lines + flavour.topping.lines }
        Mixture::Bowl.new(components.flat_map { |part| @shares.lines_left(part) } + flavoured)
      end
    end

    # Grams of everything.
    def grams = bowl.grams

    # What is shaped to pieces: Formation::ShapedBowls, one for each flavour and one for what stays plain.
    def formed = formation.all

    # All of that as one Mixture::Bowl.
    def formed_whole = formation.whole

    # The same as Piece::Layers.
    def formed_layers = formation.layers

    # There is something read in what is shaped; what is left out of it is said.
    def formed_known?
      return @formed_known if defined?(@formed_known)

      @formed_known = !formed_whole.empty?
    end

    # The section of a name, such as "pieces". KeyError for none.
    def section(name) = @sections[name] ||= Section.all.fetch(name).new(self)

    def pieces = section("pieces")

    def coat = section("coat")

    def nutrition = section("nutrition")

    def cost = section("cost")

    def diets = section("diets")

    def findings = section("findings")

    # Words that must be said of it.
    def notes = section("notes").words

    # The formula's own wishes, as they are kept in it.
    def wishes = @wishes ||= formula.wishes.map { |text| Wish.read(text) }

    # LeftOuts of every part that has any: [Part, LeftOut] pairs.
    def left_out = parts.flat_map { |part| part.left_out.map { |each| [part, each] } }

    # Flags of every line that is not read and every share that cannot be taken.
    def flags = parts.flat_map { |part| Flag.of_lines(part) + Flag.of_takes(part) }

    private

    def formation = @formation ||= Formation.new(self, @shares)
  end
end
