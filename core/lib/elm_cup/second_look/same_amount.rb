# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Two components with the same amount of the same ingredient, written alike: one may have been given the other's. A slip
    # that happens; common practice. Small seasonings are alike for good reason.
    module SameAmount
      ID = "same-amount"
      SEASONINGS = %w[salt spice flavour water].freeze
      LEAST_GRAMS = 10

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        counted = whole.places.reject { |_, line, _| SEASONINGS.include?(line.entry.family) || line.grams < LEAST_GRAMS }
        counted.group_by { |_, line, _| [line.entry.id, line.grams] }.values.filter_map do |same|
          (first, line, _), *others = same.uniq { |table, _, _| table.lines_at }
          finding(first, line, *others.last) if others.any?
        end
      end

      def self.finding(first, line, table, other, index)
        Finding.mended_by(rule: ID, component: table.name, remedy_text: "Take “#{other.label}” out of #{table.name}",
          message: "#{first.name} and #{table.name} have the very same #{line.entry.name.downcase}, " \
            "#{LineRemedy.grams_text(line.grams)}: is one of them a slip?",
          patch: LineRemedy.remove(table, index))
      end
      private_class_method :finding
    end
  end
end
