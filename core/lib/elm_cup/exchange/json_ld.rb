# frozen_string_literal: true

module ElmCup
  module Exchange
    # A schema.org Recipe in JSON-LD, as pages carry it: on its own, in a list, in an @graph, of several types. Its ingredients
    # and steps are read as a pasted recipe is. Source of the shape: schema.org/Recipe, HowToSection, HowToStep (from memory).
    module JsonLd
      TYPE = %r{(?:\A|[/#:])Recipe\z}
      # Where a page puts the things it is about.
      HOLDERS = %w[@graph mainEntity mainEntityOfPage itemListElement item hasPart about].freeze
      FORMAT = "application/vnd.elm-cup.formula+json"
      # A JSON object with one of these is JSON-LD, or means to be.
      MARKS = %w[@context @graph @type recipeIngredient].freeze
      # "1. Blend": steps are numbered anew.
      NUMBER = /\A\d{1,2}[.)]\s+/
      MOST_NODES = 5_000
      TAG = %r{</?[a-z][^<>]*>}i

      class << self
        # Whether a parsed JSON value looks like JSON-LD rather than a formula document.
        def like?(value)
          value.is_a?(Array) || (value.is_a?(Hash) && !value.key?("elm_cup") && MARKS.any? { |key| value.key?(key) })
        end

        # RecipeText::Result of a parsed value. InvalidDocument where no Recipe with ingredients is in it.
        def read(value, library:)
          recipes = recipes(value)
          InvalidDocument.refuse("", :no_recipe) if recipes.empty?

          recipe = recipes.find { |each| ingredients(each).any? || each["hasPart"] } ||
            InvalidDocument.refuse("", :recipe_without_ingredients)
          kept(recipe) || written(recipe, others(recipes, recipe), library)
        end

        private

        # Every node that is a Recipe, outermost first.
        def recipes(value)
          found = []
          waiting = [value]
          seen = 0
          while (node = waiting.shift) && (seen += 1) <= MOST_NODES
            case node
            when Array then waiting.unshift(*node)
            when Hash
              recipe?(node) ? found << node : waiting.concat(node.values_at(*HOLDERS).compact)
            end
          end
          found
        end

        # A value as a list: one thing is a list of one.
        def list(value)
          return [] if value.nil?

          value.is_a?(Array) ? value : [value]
        end

        def recipe?(node)
          list(node["@type"]).any? { |type| type.is_a?(String) && type.match?(TYPE) } ||
            (!node.key?("@type") && node.key?("recipeIngredient"))
        end

        # Our own document inside, where what is written around it still says the same.
        def kept(recipe)
          text = list(recipe["encoding"]).grep(Hash).find { |each| each["encodingFormat"] == FORMAT }&.[]("text")
          return unless text.is_a?(String)

          document = Document::JsonReader.read(text)
          Document::Schema.check(document)
          said = JsonLdWriter.said(document)
          RecipeText::Result.new(document: document, remarks: []) if said == recipe.slice(*said.keys)
        rescue InvalidDocument
          nil
        end

        def others(recipes, taken)
          recipes.reject { |each| each.equal?(taken) }
            .map { |each| "Another recipe here, “#{plain(each["name"])[0, 60]}”, is not taken; import it on its own" }
        end

        def written(recipe, remarks, library)
          made = yield_line(recipe["recipeYield"] || recipe["yield"])
          text = [*made, "Ingredients:", *ingredient_lines(recipe), *instructions(recipe)].join("\n")
          read = RecipeText.read(text, library: library, name: plain(recipe["name"]).then { |name| name.empty? ? nil : name })
          RecipeText::Result.new(document: read.document, remarks: read.remarks + remarks)
        end

        # "16", "16 bites", ["16", "16 bites"], or a number, as a line that says a yield.
        def yield_line(value)
          texts = list(value).map { |each| each.is_a?(Hash) ? "#{each["value"]} #{each["unitText"]}" : plain(each) }
          lines = texts.reject { |each| each.strip.empty? }
            .map { |each| each.match?(/\A\s*\d+\b(?!\s*servings?)/) ? "Makes #{each}" : each }
          [lines.find { |line| line.match?(/\AMakes\s+\d+\s*\z/) } || lines.find { |line| RecipeYield.of(line) } || lines.first].compact
        end

        def ingredients(recipe) = list(recipe["recipeIngredient"] || recipe["ingredients"])

        # Parts of their own (hasPart) become components; else one list, in which pages put headings too.
        def ingredient_lines(recipe)
          parts = list(recipe["hasPart"]).grep(Hash).select { |part| recipe?(part) && ingredients(part).any? }
          return parts.flat_map { |part| [heading(plain(part["name"])), *texts(ingredients(part))] } if parts.any?

          texts(ingredients(recipe))
        end

        def heading(name) = CardMarks.flavour(name) ? "## #{name}" : "For the #{name}:"

        def texts(list) = list.flat_map { |each| lines_of(each) }

        def lines_of(value)
          case value
          when String, Numeric then plain(value, lines: true).split("\n").map(&:strip).reject(&:empty?)
          when Hash
            said = [*value.values_at("amount", "value", "unitText"), value["name"] || value["text"]].grep_v(Hash).compact
            [said.map { |each| plain(each) }.reject(&:empty?).join(" ")].reject(&:empty?)
          when Array then texts(value)
          else []
          end
        end

        # Steps with the names of their sections, as numbered lines.
        def instructions(recipe)
          steps = steps(recipe["recipeInstructions"] || recipe["step"])
          steps.empty? ? [] : ["Method:", *steps.map { |step| "1. #{step}" }]
        end

        # As deep as JSON is read at all.
        def steps(value)
          case value
          when String then plain(value, lines: true).split("\n").map { |line| line.strip.sub(NUMBER, "") }.reject(&:empty?)
          when Array then value.flat_map { |each| steps(each) }
          when Hash then section(value)
          else []
          end
        end

        def section(node)
          inner = steps(node["itemListElement"] || node["steps"])
          return steps(node["text"] || node["name"] || node["item"]) if inner.empty?

          name = plain(node["name"])
          name.empty? ? inner : inner.map { |step| "#{name}: #{step}" }
        end

        # Text without tags and entities; twice, since pages escape what was escaped.
        def plain(value, lines: false)
          text = value.is_a?(Hash) ? value["@value"].to_s : list(value).first.to_s
          text = text.gsub(%r{<br\s*/?>|</(?:p|li|div)>}i, "\n") if lines
          text = Entities.decode(Entities.decode(text)).gsub(TAG, " ")
          lines ? text.gsub(/[^\S\n]+/, " ") : text.gsub(/\s+/, " ").strip
        end
      end
    end
  end
end
