# frozen_string_literal: true

module ElmCup
  module SecondLook
    # A thirsty powder that makes much of the dry side, tipped in at once, dries the bowl before it can be judged. Common
    # practice: protein and nut powders go in by halves.
    module PowderAtOnce
      ID = "powder-at-once"
      FAMILIES = %w[powder nut\ flour].freeze
      # Shares of the demand, and mL a gram, from which it is said.
      MUCH = 0.35
      THIRSTY = 0.80
      BY_HALVES = /\b(?:by halves|in halves|half at a time|in two goes|in stages|gradually|bit by bit|a little at a time|by the spoonful)\b/i

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        return [] unless table.mix && table.mix.saturation.demand.positive?

        demand = table.mix.saturation.demand
        table.portions.select { |portion, _| dumped?(portion, demand) }.map { |portion, index| finding(table, portion.line, index) }
      end

      def self.dumped?(portion, demand)
        FAMILIES.include?(portion.line.entry.family) && portion.figures.d >= THIRSTY && portion.d_ml >= MUCH * demand &&
          !portion.line.label.match?(BY_HALVES)
      end

      def self.finding(table, line, index)
        text = "#{line.text || LineRemedy.weighed_text(line)}, added by halves"
        Finding.mended_by(rule: ID, component: table.name, remedy_text: "Write that it goes in by halves",
          message: "#{line.entry.name} takes up a lot: add half first, look, then the rest.",
          patch: LineRemedy.replace(table, index, {"text" => text, "ingredient" => line.entry.id}))
      end
      private_class_method :dumped?, :finding
    end
  end
end
