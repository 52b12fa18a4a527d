# frozen_string_literal: true

module ElmCup
  module Binding
    # The seven textures on the scale of the texture number t = 3 + ln(S / 0.82) / ln 1.33. Source: docs/model.md, Binding.
    class Texture
      STEP = Math.log(1.33)
      ROLLS_FROM = 0.82
      EDGE = 0.07
      ALL = DataTable.rows("textures").map { |row| row["id"] }.freeze

      # The texture number of a saturation > 0.
      def self.number(saturation) = 3 + Math.log(saturation / ROLLS_FROM) / STEP

      # The saturation at a texture number.
      def self.saturation(number) = ROLLS_FROM * Math.exp((number - 3) * STEP)

      # The id at a texture number: its floor, kept within the scale.
      def self.at(number) = ALL[number.floor.clamp(0, ALL.size - 1)]

      # 0 for loose to 6 for pours. KeyError for no texture.
      def self.index(id) = ALL.index(id) || raise(KeyError, "no texture “#{id}”")

      # A texture id of what does not hold even when it is squeezed; nil is none.
      def self.apart?(id) = !id.nil? && index(id) < index("presses")

      # The edge of a texture that is reached first from the dry side (:dry) or from the wet side (:wet), a little inside.
      def self.near_edge(id, from:)
        saturation((from == :dry) ? index(id) + EDGE : index(id) + 1 - EDGE)
      end

      # The saturations where one texture goes over into the next.
      def self.boundaries = (1...ALL.size).map { |index| saturation(index) }
    end
  end
end
