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
          "texture" => state.texture, "pieces" => state.pieces, "minutes" => state.minutes, "note" => state.note, "stars" => state.stars,
          **at_counter(state)
        }.compact
      end

      # What was said at the counter, as far as anything was.
      def self.at_counter(state)
        lists = {"chill_looks" => state.chill_looks, "temperatures" => state.temperatures, "complaints" => state.complaints,
                 "stored" => state.stored, "timers" => state.timers.values.map { |timer| timer.slice("name", "until", "step") },
                 "steps" => state.steps}
        single = {"scale" => (state.scale unless state.scale == 1), "handed_to" => state.handed_to, "over" => state.over,
                  "paused_since" => state.paused&.utc&.iso8601, "over_at" => state.over_at&.utc&.iso8601}
        lists.reject { |_, said| said.empty? }.merge(single)
      end
      private_class_method :at_counter

      # Of additions and of changed lines so many are told in a list; it says how many there are.
      MOST_TOLD = 6
      # What a list shows of it, as a Hash: no lines but those that were weighed otherwise than planned.
      def self.brief(state, document)
        changed = state.lines.values.select(&:off_by?)
        {
          "additions" => state.additions.first(MOST_TOLD).map { |each| each.slice("text", "grams") },
          "changes" => changed.first(MOST_TOLD).map { |each| {"text" => line(each, document)["text"], "grams" => each.off.round(2)} },
          "told" => {"additions" => state.additions.size, "changes" => changed.size}, "running" => (true if state.running?),
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
          part = within(document, list, index)
          said = within(part, key, at)
          said.is_a?(Hash) ? {"component" => part["name"], "text" => said["text"] || "#{said["grams"]} g #{said["ingredient"]}"} : {}
        end

        # What stands at a place of a list of a document, which another version may have written; nil where it has none.
        def within(whole, key, at)
          list = whole[key] if whole.is_a?(Hash)
          list[at.to_i] if list.is_a?(Array)
        end
      end
    end
  end
end
