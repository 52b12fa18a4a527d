# frozen_string_literal: true

module ElmCup
  module Mixture
    # The share of air by volume that a mix holds as it is shaped. Source: docs/model.md, Pieces: an estimate, common practice.
    module Air
      PRESSED = 0.10
      POURED = 0.04
      WHIPPED = 0.40
      # Textures that settle by themselves.
      FLOWING = %w[spreads pours].freeze
      # A line that was beaten full of air.
      BEATEN = /\bwhipped\b/i

      # The share in a Bowl that is left to settle (poured: true), or rolled and pressed.
      def self.of(bowl, poured:)
        beaten = bowl.lines.sum(0.0) { |line| line.label.match?(BEATEN) ? line.grams.to_f : 0.0 }
        return WHIPPED if beaten > bowl.grams / 2

        poured ? POURED : PRESSED
      end
    end
  end
end
