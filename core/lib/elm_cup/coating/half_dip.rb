# frozen_string_literal: true

module ElmCup
  module Coating
    # Pieces dipped half-way.
    class HalfDip < Dip
      kind "half_dip"

      def words = "dipped half-way"

      def band_pct = 40

      def share = 0.5
    end
  end
end
