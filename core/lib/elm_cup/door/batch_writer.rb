# frozen_string_literal: true

module ElmCup
  module Door
    # What a batch came to (an Observation::State) as a Hash, beside the document that was made.
    module BatchWriter
      # document: Hash of what was made, whose lines the weighings point into.
      def self.call(state, document)
        {
          "lines" => state.lines.values.map { |each| line(each, document) },
          "additions" => state.additions.map { |each| each.slice("text", "grams", "ingredient") },
          "texture" => state.texture, "pieces" => state.pieces, "minutes" => state.minutes, "note" => state.note
        }.compact
      end

      class << self
        private

        def line(each, document)
          found = each.line ? in_document(each.line, document) : {}
          {"line" => each.line, "component" => each.component, "text" => each.text, **found, "planned_grams" => each.target,
           "actual_grams" => each.grams}.compact
        end

        # Part and words of a line; a line of an ingredient and its weight says those.
        def in_document(pointer, document)
          list, index, key, at = pointer.split("/").drop(1)
          part = document.dig(list, index.to_i) or return {}
          said = part.dig(key, at.to_i) or return {}
          {"component" => part["name"], "text" => said["text"] || "#{said["grams"]} g #{said["ingredient"]}"}
        end
      end
    end
  end
end
