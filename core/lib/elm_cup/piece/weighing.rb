# frozen_string_literal: true

module ElmCup
  module Piece
    # A block divided on the scale: so many of so many grams, as a scale shows them, and what is left for the last.
    Weighing = Value.of(:count, :each_grams, :last_grams, :words) do
      # The Weighing of `grams` in `count` pieces; nil where there is nothing to divide. Whole grams where the last comes near enough to the
      # others, else steps that are finer.
      def self.of(grams, count)
        return if count < 2 || grams / count < self::LEAST_GRAMS

        exact = Rational(grams.round(3).to_s)
        self::STEPS.each do |step|
          each = (exact / count / step).ceil * step
          last = exact - each * (count - 1)
          return said(count, each, last, step) if last >= each * self::LEAST_LAST || step == self::STEPS.last
        end
      end

      def self.said(count, each, last, step)
        shown = (last / step).round * step
        same = "#{count} pieces of #{Quantity::FractionText.decimal(each)} g"
        new(count: count, each_grams: each.to_f, last_grams: last.to_f,
          words: (each == shown) ? same : "#{same}; the last is #{Quantity::FractionText.decimal(shown)} g")
      end
      private_class_method :said

      self::LEAST_GRAMS = 0.5
      self::STEPS = [1, Rational(1, 2), Rational(1, 10), Rational(1, 100)].freeze
      # The last may be so much of the others.
      self::LEAST_LAST = Rational(4, 5)
      self::DIGITS = {each_grams: 2, last_grams: 1}.freeze
    end
  end
end
