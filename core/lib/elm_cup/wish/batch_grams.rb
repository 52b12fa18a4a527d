# frozen_string_literal: true

module ElmCup
  module Wish
    # What the batch weighs: "grams=600".
    class BatchGrams < Figure
      for_keys "grams"

      def now(assessment) = assessment.grams&.round(2)

      def ratio(rows) = rows.grams

      def size? = true

      private

      def number_fault(number) = ([:wish_weighs_nothing, {text: text}] unless number.positive?)

      def plain_words(_library) = "#{bounded} in all"
    end
  end
end
