# frozen_string_literal: true

module ElmCup
  module Assessment
    # Wishes held against an answer: the figure of each as it is, and whether it is so.
    class Wished
      # answer: an assessment as a Hash, wishes aside; library: where its ingredients are found.
      def initialize(answer, library)
        @answer = answer
        @library = library
      end

      # A Hash ready for JSON: wish, the component that it is said of, words, now, met, message.
      def to_h(wish)
        {"wish" => wish.text, "component" => wish.part, "words" => Balance::WishWords.say(wish, @library), "now" => now_said(wish), "met" => met?(wish), "message" => message(wish)}.compact
      end

      # Figures that can be wished for and what goes with them, as a Hash: of the batch, of a piece, and of each component by name.
      def figures
        @figures ||= {
          "grams" => @answer["grams"], "pieces" => @answer.dig("pieces", "count"), "piece_grams" => @answer.dig("pieces", "piece_grams"),
          "sweetness_pct" => @answer["sweetness_pct"], **per_piece, "cost" => @answer.dig("cost", "piece"), "cost_batch" => @answer.dig("cost", "batch"),
          "unpriced" => (@answer.dig("cost", "unpriced") if @answer.dig("cost", "unpriced")&.any?),
          "components" => parts.map { |part| part.slice("name", "texture", "saturation", "grease", "tack") },
          "allergens" => @answer["allergens"], "diets" => @answer["diets"]
        }.compact
      end

      # A Float or Integer, a texture id, or nil where it has none.
      def now(wish)
        return part(wish)&.fetch("texture", nil) if wish.key == "texture"
        return unless wish.figure?

        (wish.row.of == "part") ? part(wish)&.fetch(wish.row.field, nil) : figures[wish.row.field]
      end

      # The texture number of the part that a texture wish is about; nil where it has none.
      def number(wish) = part(wish)&.dig("saturation", "value")&.then { |value| Binding::Texture.number(value) if value.positive? }

      # It is so.
      def met?(wish)
        return figure_met?(wish) if wish.figure?

        case wish.key
        when "texture" then texture_met?(wish)
        when "diet" then (@answer["diets"] || []).include?(wish.value)
        when "without" then !@answer["allergens"].include?(wish.value) && lines.none? { |line| is?(line, wish.value) }
        when "lock" then true
        end
      end

      private

      def figure_met?(wish)
        value = now(wish) or return false
        case wish.op
        when "<=" then value <= wish.value
        when ">=" then value >= wish.value
        else (wish.key == "pieces") ? value == wish.value : (value - wish.value).abs <= Balance::Rows::SAME * wish.value
        end
      end

      def texture_met?(wish)
        now = now(wish) or return false
        Binding::Texture.index(now).between?(*wish.textures.map { |id| Binding::Texture.index(id) })
      end

      def per_piece
        per_piece = @answer["nutrition_per_piece"] || {}
        %w[kcal sugars_g free_sugars_g protein_g fat_g fibre_g saturates_g carbohydrate_g salt_g].to_h { |field| [field, per_piece[field]] }.compact
      end

      def parts = @answer["components"] + (@answer["splits"] || [])

      # The part that a wish names; where it names none, the first dough, else the first part.
      def part(wish)
        return parts.find { |each| each["name"] == wish.part } if wish.part

        name = Document::Leading.name(@answer["components"])
        @answer["components"].find { |each| each["name"] == name }
      end

      def lines = parts.flat_map { |each| each["lines"] + (each["topping"] || []) }

      def is?(line, id) = line["ingredient"] == id || @library[line["ingredient"]]&.like == id

      def now_said(wish)
        value = now(wish)
        value.is_a?(Numeric) ? wish.row.said(value) : value
      end

      def message(wish)
        return "There is no component “#{wish.part}”" if wish.part && parts.none? { |each| each["name"] == wish.part }
        return unless now(wish).nil?
        return "It cannot be judged yet" if wish.key == "texture"
        return unless wish.figure?
        return "Say how large a piece is first" if wish.row.of == "piece" && @answer["pieces"].nil?

        (wish.key == "cost") ? "Nothing in it has a price yet" : "It cannot be reckoned yet"
      end
    end
  end
end
