# frozen_string_literal: true

module ElmCup
  module Wish
    # What is in one piece, or what it costs: "kcal<=90", "cost<=0.40".
    class PieceFigure < Figure
      for_keys(*Key.of("piece").map(&:key))
      MONEY = "cost"

      def now(assessment)
        return assessment.cost.amounts&.piece&.to_f&.round(3) if key == MONEY

        assessment.nutrition.per_piece&.fetch(row.field.to_sym)&.round(2)
      end

      def ratio(rows) = rows.per_piece(key)

      # A bowl that is not made yet must say how large a piece is.
      def needs_shape? = true

      def now_said(assessment)
        return super unless key == MONEY

        now(assessment)&.then { |value| Quantity::Money.said(row.said(value), assessment.library.currency) }
      end

      private

      def missing(assessment)
        return Fault.at("", :piece_size_missing) if assessment.pieces.together.nil?

        (key == MONEY) ? Fault.at("", :no_prices) : super
      end

      # The unit of energy says what it is of.
      def plain_words(library)
        return "costs #{BOUNDS.fetch(op)} #{Quantity::Money.said(said_number, library.currency)} a piece" if key == MONEY

        (row.unit == row.key) ? "#{bounded} a piece" : "#{bounded} of #{row.name} a piece"
      end
    end
  end
end
