# frozen_string_literal: true

module ElmCup
  module Assessment
    # Allergens and diets of a whole formula, each with the lines that bring or break it.
    class SaidOfDiets
      # read: ReadFormula; bowl: Mixture::Bowl of everything in it.
      def initialize(read, bowl)
        @read = read
        @bowl = bowl
      end

      def to_h
        allergens = @bowl.allergens
        {
          "allergens" => allergens, "allergens_us" => allergens & Mixture::Allergens::US_NINE, "allergens_eu" => allergens & Mixture::Allergens::EU_FOURTEEN,
          "allergen_lines" => allergens.map { |allergen| {"allergen" => allergen, "lines" => places { |line| line.entry.allergens.include?(allergen) }} },
          "traces" => @bowl.lines.flat_map { |line| line.entry.traces }.uniq.sort - allergens,
          "diets" => Mixture::Diets.kept(@bowl), "diet_breaks" => diet_breaks, "needs" => @read.formula.needs, "breaches" => breaches
        }
      end

      private

      def diet_breaks
        Mixture::Diets::ALL.filter_map do |diet|
          lines = breaking(diet)
          {"diet" => diet, "lines" => lines} if lines.any?
        end
      end

      def breaches
        @read.formula.needs.flat_map { |need| breaking(need).map { |line| {"need" => need, **line} } }
      end

      def breaking(diet)
        breaking = Mixture::Diets.breaking(@bowl, diet).map { |line| [line.entry, line.label] }
        places(diet) { |line| breaking.include?([line.entry, line.label]) }
      end

      # component, line as typed, ingredient, pointer, and why it breaks `diet` where one is asked.
      def places(diet = nil)
        all_lines.select { |_, line, _| line.read? && yield(line) }.map do |component, line, pointer|
          why = diet && "#{Mixture::Diets.why(line.entry, diet)}."
          {"component" => component, "line" => line.label, "ingredient" => line.entry.id, "pointer" => pointer, "why" => why}.compact
        end
      end

      def all_lines
        @all_lines ||= [*@read.components, *@read.flavours.flat_map { |flavour| [flavour.folded, flavour.topping] }].flat_map do |part|
          part.lines.each_with_index.map { |line, index| [part.name, line, "#{part.lines_at}/#{index}"] }
        end
      end
    end
  end
end
