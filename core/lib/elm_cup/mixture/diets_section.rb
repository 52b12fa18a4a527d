# frozen_string_literal: true

module ElmCup
  module Mixture
    # Allergens and diets of a whole formula, each with the lines that bring or break it.
    class DietsSection < Section
      # A line that brings or breaks something: component's name, the line as typed, ingredient id, pointer, and why where it breaks a diet.
      Place = Value.of(:component, :line, :ingredient, :pointer, why: nil)
      # An allergen, or a diet, with its Places.
      AllergenLines = Value.of(:allergen, :lines)
      DietBreak = Value.of(:diet, :lines)
      # A Place that breaks what an eater needs.
      Breach = Value.of(:need, :component, :line, :ingredient, :pointer, :why)

      named "diets"
      key("allergens") { allergens }
      key("allergens_us") { allergens & Allergens::US_NINE }
      key("allergens_eu") { allergens & Allergens::EU_FOURTEEN }
      key("allergen_lines") { allergen_lines }
      key("traces") { assessment.bowl.lines.flat_map { |line| line.entry.traces }.uniq.sort - allergens }
      key("possible_allergens") { assessment.bowl.possible_allergens }
      key("diets") { kept }
      key("diet_breaks") { diet_breaks }
      key("needs") { assessment.formula.needs }
      key("breaches") { breaches }

      # Ids of the allergens in it.
      def allergens = @allergens ||= assessment.bowl.allergens

      # Ids of the diets that it keeps to.
      def kept
        @kept ||= (assessment.bowl.empty? || !assessment.bowl.complete?) ? [] : Diets::ALL - lines_breaking.keys
      end

      # Breaches of what the eaters need.
      def breaches
        @breaches ||= assessment.formula.needs.flat_map { |need| breaking(need).map { |place| Breach.new(need: need, **place.to_h) } }
      end

      private

      def allergen_lines
        allergens.map { |id| AllergenLines.new(allergen: id, lines: places { |line| line.entry.allergens.include?(id) }) }
      end

      def diet_breaks
        (Diets::ALL - kept).filter_map { |diet| breaking(diet).then { |lines| DietBreak.new(diet: diet, lines: lines) if lines.any? } }
      end

      # diet => the lines of the bowl that break it
      def lines_breaking = @lines_breaking ||= Diets.breaking(assessment.bowl)

      # The bowl may hold a part of a line, where another component took some of it: lines are told by what they are and how they are typed.
      def breaking(diet)
        @breaking ||= {}
        @breaking[diet] ||= begin
          found = lines_breaking.fetch(diet, []).group_by { |line| line.entry.id }.transform_values { |lines| lines.map(&:label) }
          found.empty? ? [] : places(diet) { |line, label| found[line.entry.id]&.include?(label) }
        end
      end

      def places(diet = nil)
        labelled.select { |_, line, _, label| yield line, label }.map do |part, line, at, label|
          Place.new(component: part.name, line: label, ingredient: line.entry.id, pointer: "#{part.lines_at}/#{at}",
            why: diet && "#{Diets.why(line, diet)}.")
        end
      end

      # Every line that is read, with how it is typed.
      def labelled = @labelled ||= assessment.read_lines.map { |part, line, at| [part, line, at, line.label] }
    end
  end
end
