# frozen_string_literal: true

module ElmCup
  module Door
    # The saturation of a Binding::Verdict that is estimable, with its band.
    module SaturationWriter
      # A Hash: value, low, high.
      def self.call(verdict)
        low, high = verdict.uncertainty.band
        {"value" => Json.round(verdict.saturation.value, 3), "low" => Json.round(low, 3), "high" => Json.round(high, 3)}
      end
    end
  end
end
