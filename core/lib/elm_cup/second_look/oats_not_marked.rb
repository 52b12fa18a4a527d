# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Oats are the only thing in it that is not gluten-free: they are, where they were grown and handled for it. Common practice.
    module OatsNotMarked
      ID = "oats-not-marked"
      DIET = "gluten-free"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        return [] if whole.needs.include?(DIET) || !whole.bowl.complete?

        breaking = whole.places.select { |_, line, _| line.entry.breaks?(DIET) }
        return [] unless breaking.any? && breaking.all? { |_, line, _| line.entry.family == "oats" }

        breaking.map { |place| finding(whole, *place) }
      end

      def self.finding(whole, table, line, index)
        Finding.mended_by(rule: ID, component: table.name, **Swaps.remedy(table, line, index, DIET, also: whole.needs),
          message: "#{line.entry.name} are not marked gluten-free; everything else here is.")
      end
      private_class_method :finding
    end
  end
end
