# frozen_string_literal: true

module ElmCup
  # Two formulas, or two versions of one, side by side: line by line and figure by figure.
  module Comparison
    # Figures of a component, by their keys in an assessment.
    FIGURES = %w[grams saturation tack grease sweetness_pct].freeze

    # A Hash: name of both, components with their lines paired, and figures. Lines are paired by ingredient and form within
    # components of one name, and components by name, else by place.
    def self.call(before, after, library: Ingredient::Library.default)
      was, now = [before, after].map { |document| Assessment.of(document, library: library) }
      {
        "elm_cup" => "compare/1", "names" => [was["name"], now["name"]],
        "components" => pairs(was["components"], now["components"]).map { |pair| component(*pair) },
        "figures" => figures(was, now), "allergens" => [was["allergens"], now["allergens"]], "diets" => [was["diets"], now["diets"]],
        **Assessment::ComeAndGone.of(was, now)
      }
    end

    class << self
      private

      # [before, after] of every component; nil where the other has none.
      def pairs(was, now)
        rest = now.dup
        paired = was.map { |part| [part, rest.index { |other| other["name"] == part["name"] }&.then { |at| rest.delete_at(at) }] }
        alone = paired.select { |_, other| other.nil? }
        alone.each { |pair| pair[1] = rest.shift } if alone.size == 1 && rest.size == 1
        paired + rest.map { |part| [nil, part] }
      end

      def component(was, now)
        figures = FIGURES.map { |key| figure(key, value(was, key), value(now, key)) }
        {
          "names" => [was&.fetch("name"), now&.fetch("name")], "textures" => [was&.[]("texture"), now&.[]("texture")],
          "figures" => figures.reject { |each| each["before"].nil? && each["after"].nil? },
          "lines" => lines(was ? was["lines"] : [], now ? now["lines"] : [])
        }
      end

      def value(part, key) = (key == "saturation") ? part&.dig("saturation", "value") : part&.[](key)

      def figure(name, was, now) = {"figure" => name, "before" => was, "after" => now, "change" => (was && now) ? (now - was).round(4) : nil}

      # The same ingredient in the same form is the same line; what is left over on either side stands alone.
      def lines(was, now)
        rest = now.dup
        paired = was.map { |line| [line, rest.index { |other| same?(line, other) }&.then { |at| rest.delete_at(at) }] }
        (paired + rest.map { |line| [nil, line] }).map { |pair| line(*pair) }
      end

      def same?(line, other)
        return line["text"] == other["text"] unless line["ingredient"] && other["ingredient"]

        line["ingredient"] == other["ingredient"] && line["form"] == other["form"]
      end

      def line(was, now)
        grams = [was, now].map { |each| each&.[]("grams") }
        change = if was.nil? then "added"
        elsif now.nil? then "gone"
        else (was["text"] == now["text"] && grams[0] == grams[1]) ? "same" : "changed"
        end
        {
          "change" => change, "name" => (was || now).values_at("name", "text").compact.first, "texts" => [was&.fetch("text"), now&.fetch("text")],
          "grams" => grams, "grams_change" => grams.all? ? (grams[1] - grams[0]).round(2) : nil
        }
      end

      def figures(was, now)
        flat = [was, now].map { |answer| flatten(answer) }
        flat.flat_map(&:keys).uniq.map { |key| figure(key, flat[0][key], flat[1][key]) }
      end

      # Numbers of an assessment that a formula has one of, by the path of their keys.
      def flatten(answer)
        {
          **answer.slice("grams", "sweetness_pct"), **(answer["pieces"] || {}).slice("count", "piece_grams").transform_keys { |key| "pieces.#{key}" },
          **(answer["cost"] || {}).slice("batch", "piece").transform_keys { |key| "cost.#{key}" },
          **(answer["nutrition_per_piece"] || {}).transform_keys { |key| "per_piece.#{key}" }
        }
      end
    end
  end
end
