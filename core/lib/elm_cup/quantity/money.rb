# frozen_string_literal: true

module ElmCup
  module Quantity
    # Sums of money as they are written: a currency that has a sign of its own stands before the number, any other by its letters.
    module Money
      # Of ISO 4217, as each country writes it at home.
      SIGNS = {"EUR" => "€", "GBP" => "£", "USD" => "$", "JPY" => "¥", "INR" => "₹"}.freeze

      # "€0.40", "CHF 0.40". number: String of digits; currency: three letters, nil for none.
      def self.said(number, currency)
        return number if currency.nil?

        SIGNS.key?(currency) ? "#{SIGNS[currency]}#{number}" : "#{currency} #{number}"
      end
    end
  end
end
