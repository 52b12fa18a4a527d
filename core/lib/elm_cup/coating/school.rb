# frozen_string_literal: true

module ElmCup
  module Coating
    # The two schools of coating: thinned with a fat and kept cold, or tempered and kept anywhere. Source: common practice.
    module School
      SUITS = {"room" => "tempered", "fridge" => "thinned", "freezer" => "thinned"}.freeze

      # The school that suits where the pieces will live.
      def self.suits(lives) = SUITS.fetch(lives)
    end
  end
end
