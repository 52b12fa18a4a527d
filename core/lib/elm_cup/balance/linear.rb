# frozen_string_literal: true

module ElmCup
  module Balance
    # A sum over the amounts of a Situation: so much for each gram of each, and a constant.
    class Linear
      attr_reader :per_gram, :constant

      # per_gram: a Float for each amount, in their order.
      def initialize(per_gram, constant = 0.0)
        @per_gram = per_gram
        @constant = constant
        freeze
      end

      # Its value where the amounts weigh `grams` (Floats, in their order).
      def at(grams)
        sum = constant
        per_gram.each_with_index { |each, at| sum += each * grams[at] unless each.zero? }
        sum
      end

      # It is 1 whatever the amounts are.
      def one? = per_gram.all?(&:zero?) && (constant - 1).abs < Float::EPSILON

      # This less `times` times another.
      def less(other, times)
        Linear.new(per_gram.zip(other.per_gram).map { |own, their| own - times * their }, constant - times * other.constant)
      end

      def +(other) = less(other, -1.0)

      def *(other) = Linear.new(per_gram.map { |each| each * other }, constant * other)
    end
  end
end
