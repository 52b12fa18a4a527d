# frozen_string_literal: true

module ElmCup
  module Wish
    # It shall keep to a diet: "diet=vegan". Low net carbohydrate is the whole bowl's, not a line's.
    class Diet < Kind
      for_keys "diet"
      # How far the most of net carbohydrate comes in each time, per gram.
      INWARD = 0.002

      def fault
        super || (unless Mixture::Diets::ALL.include?(value)
                    [:wish_not_listed, {given: value, key: key,
                                        choices: Mixture::Diets::ALL.join(", ")}]
                  end)
      end

      def forbids?(entry, heated: false) = !low? && (entry.breaks?(value) || (heated && value == Mixture::Diets::RAW))

      def met?(assessment) = assessment.diets.kept.include?(value)

      # Low net carbohydrate; every other diet is kept by what may not be in it.
      def constrain(problem)
        most = Mixture::Diets::MOST_NET_PER_100G / 100
        problem.bound(self, problem.rows.net_carbohydrate, upper: most - problem.correction(self).inward) if low?
      end

      def in_sums(_situation, rows, grams) = (rows.net_carbohydrate.at(grams) if low?)

      def tighten(before, _seen, _sums) = before.with(inward: before.inward + INWARD)

      # Nothing to be judged: it keeps to it, or not.
      def waits(_assessment) = nil

      private

      def low? = value == Mixture::Diets::LOW
    end
  end
end
