# frozen_string_literal: true

module ElmCup
  module Cold
    # Temperatures in words.
    module Celsius
      # "−18 °C": whole degrees, with a minus that is no hyphen.
      def self.words(celsius) = "#{celsius.round.to_s.tr("-", "−")} °C"
    end
  end
end
