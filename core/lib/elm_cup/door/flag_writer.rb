# frozen_string_literal: true

module ElmCup
  module Door
    # Flags found in the Hash of an assessment, for who has only that: every line that is not read, every share that waits.
    module FlagWriter
      # Hashes with component, pointer, text, status and message.
      def self.call(answer)
        parts = %w[components splits].flat_map { |list| (answer[list] || []).each_with_index.map { |part, at| [part, "/#{list}/#{at}"] } }
        parts.flat_map do |part, pointer|
          %w[lines topping takes].flat_map do |key|
            waiting = (part[key] || []).each_with_index.reject { |each, _| each["status"] == "read" }
            waiting.map { |each, at| flag(part, "#{pointer}/#{key}/#{at}", each) }
          end
        end
      end

      def self.flag(part, pointer, each)
        {"component" => part["name"], "pointer" => pointer, "text" => each["text"] || "a share of #{each["component"]}",
         **each.slice("status", "message")}
      end
      private_class_method :flag
    end
  end
end
