# frozen_string_literal: true

module ElmCup
  module SecondLook
    # One small line is all that keeps the whole from a diet that is often asked for. Common practice.
    module OneLineBreaksDiet
      ID = "one-line-breaks-diet"
      DIETS = %w[vegan dairy-free nut-free gluten-free].freeze
      # Share of the formula up to which the line is a small one.
      SMALL = 0.15

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        return [] unless whole.bowl.complete?

        found = (DIETS - whole.needs).filter_map { |diet| only(whole, diet)&.then { |place| [diet, place] } }
        found.group_by { |_, (table, _, index)| [table.lines_at, index] }
          .values.map { |same| finding(same.map(&:first), *same.first.last, whole.needs) }
      end

      # The [Table, Line, index] that alone breaks `diet`, where it is small; nil otherwise. Oats have a rule of their own.
      def self.only(whole, diet)
        breaks = ->(place) { place[1].breaks?(diet) }
        at = whole.places.index(&breaks) or return
        return if whole.places.drop(at + 1).any?(&breaks)

        found = whole.places[at]
        line = found[1]
        small = line.grams.to_f <= SMALL * whole.bowl.grams
        found if small && (diet != "gluten-free" || line.entry.family != "oats")
      end

      def self.finding(diets, table, line, index, needs)
        Finding.mended_by(rule: ID, component: table.name, **Swaps.remedy(table, line, index, diets.first, also: [*diets, *needs]),
          message: "“#{line.label}” is all that keeps this from being #{diets.join(" and ")}.")
      end
      private_class_method :only, :finding
    end
  end
end
