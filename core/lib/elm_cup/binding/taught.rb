# frozen_string_literal: true

module ElmCup
  module Binding
    # What a kitchen taught of bowls beside the figures of their lines.
    #   masking  share of the lesser of pulp and fat that oil masks      offset  what the texture number is off by, whatever its lines say
    Taught = Value.of(:masking, :offset) do
      # Nothing: as it ships.
      def self.nothing = self::NOTHING
    end
    Taught::NOTHING = Taught.new(masking: Saturation::LAMBDA, offset: 0.0)
  end
end
