# frozen_string_literal: true

module ElmCup
  module Assessment
    # Allergens and diets that one of two formulas has and the other has not.
    module ComeAndGone
      KEYS = %w[allergens diets].freeze

      # A Hash of "come" and "gone", each with lists by KEYS. was, now: assessments, or their figures, as Hashes; {} for a bowl that was not there.
      def self.of(was, now) = {"come" => beyond(now, was), "gone" => beyond(was, now)}

      def self.beyond(one, other) = KEYS.to_h { |key| [key, one.fetch(key, []) - other.fetch(key, [])] }
      private_class_method :beyond
    end
  end
end
