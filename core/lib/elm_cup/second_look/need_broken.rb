# frozen_string_literal: true

module ElmCup
  module SecondLook
    # A line breaks what the eaters need.
    module NeedBroken
      ID = "need-broken"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        return [] if whole.needs.empty?

        broken = Mixture::Diets.breaking(whole.bowl)
        whole.needs.flat_map do |need|
          breaking = broken.fetch(need, [])
          whole.places.select { |_, line, _| breaking.any? { |each| same?(each, line) } }.map { |place| finding(need, whole.needs, *place) }
        end
      end

      # The bowl may hold a part of a line, where another component took some of it.
      def self.same?(each, line) = each.entry == line.entry && each.label == line.label

      def self.finding(need, needs, table, line, index)
        Finding.mended_by(rule: ID, component: table.name, **Swaps.remedy(table, line, index, need, also: needs),
          message: "An eater needs it #{need}, and “#{line.label}” breaks it. #{Mixture::Diets.why(line, need)}.")
      end
      private_class_method :same?, :finding
    end
  end
end
