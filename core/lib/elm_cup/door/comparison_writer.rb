# frozen_string_literal: true

module ElmCup
  module Door
    # An Assessment::Comparison as a Hash ("compare/1").
    module ComparisonWriter
      def self.call(comparison)
        both = [comparison.before, comparison.after]
        {
          "elm_cup" => "compare/1", "names" => both.map(&:name),
          "components" => comparison.components.map { |pair| pair(comparison, pair) },
          "figures" => comparison.figures.map { |figure| figure(figure) }, "allergens" => both.map { |each| each.diets.allergens },
          "diets" => both.map { |each| each.diets.kept },
          **Json.of(Assessment::DietChange.of(*both.map { |each| Assessment::Outline.new(each) }))
        }
      end

      class << self
        private

        def pair(comparison, pair)
          {
            "names" => [pair.was&.name, pair.now&.name], "textures" => [pair.was&.texture, pair.now&.texture],
            "figures" => comparison.part_figures(pair).map { |figure| figure(figure) },
            "lines" => comparison.lines(pair).map { |line| line(line) }
          }
        end

        def figure(figure) = {"figure" => figure.figure, "before" => figure.before, "after" => figure.after, "change" => figure.change}

        def line(line)
          change = (line.grams[1] - line.grams[0]).round(2) if line.grams.all?
          {"change" => line.change, "name" => line.name, "texts" => line.texts, "grams" => line.grams, "grams_change" => change}
        end
      end
    end
  end
end
