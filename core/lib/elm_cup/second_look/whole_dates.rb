# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Whole dates stirred in by hand are pieces, not binder. Common practice.
    module WholeDates
      ID = "whole-dates"

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        return [] if table.process == "processor"

        table.read_lines.select { |line, _| line.entry.family == "dates" && line.form == "whole" }.map do |line, index|
          value = paste(table, line)
          Finding.mended_by(rule: ID, component: table.name, remedy_text: "Blend them to a paste first",
            message: "Whole dates stirred in by hand do not bind; blended to a paste they do.",
            patch: LineRemedy.replace(table, index, value))
        end
      end

      # The same dates as paste; in grams where the measure would weigh differently.
      def self.paste(table, line)
        chosen = {"ingredient" => line.entry.id}
        text = line.text && "#{line.text}, to paste"
        return {"text" => text, **chosen} if text && !by_volume?(line) && text.length <= Quantity::LineReader::MAX_LENGTH

        {"text" => "#{LineRemedy.grams_text(line.grams)} #{line.entry.name.downcase}, to paste", **chosen}
      end

      # A cup of whole dates is no cup of paste.
      def self.by_volume?(line) = line.terms.any? { |term| term.unit && %i[volume household].include?(term.unit.kind) }
      private_class_method :paste, :by_volume?
    end
  end
end
