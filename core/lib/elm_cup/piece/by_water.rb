# frozen_string_literal: true

module ElmCup
  module Piece
    # A tool whose inner measures follow from the water that fills it: the depth of a tin whose sides are known, the cavity of a mould, the
    # width of a liner whose depth is known, a scoop.
    module ByWater
      MOST_ML = 20_000

      # The rest of what a kitchen's document says of it (Hash). said: kind ("tins" …), water_ml; mm of a tin, cavities of a mould that
      # were filled, depth_mm of a liner. InvalidDocument at what is missing or cannot be.
      def self.call(said)
        water = number(said, "water_ml", MOST_ML)
        case said["kind"]
        when "tins" then {"depth_mm" => (1000 * water / Tin.new(sides_mm: sides(said)).area_mm2).round(1)}
        when "moulds" then {"cavity_ml" => (water / number(said, "cavities", 400)).round(1)}
        when "liners" then {"diameter_mm" => Math.sqrt(4000 * water / Math::PI / number(said, "depth_mm", 300)).round(1)}
        when "scoops" then {"ml" => water.round(1)}
        when "processor" then {"bowl_ml" => water.round}
        else InvalidDocument.refuse("/kind", :not_one_of, given: JsonFaults.shown(said["kind"]),
          choices: "tins, moulds, liners, scoops, processor")
        end
      end

      class << self
        private

        def number(said, key, most)
          value = said[key]
          return value.to_f if value.is_a?(Numeric) && value.to_f.finite? && value.positive? && value <= most

          InvalidDocument.refuse("/#{key}", :size_out_of_range, most: most)
        end

        def sides(said)
          mm = said["mm"]
          return mm.map(&:to_f) if mm.is_a?(Array) && mm.size.between?(1, 2) && mm.all? { |side|
            side.is_a?(Numeric) && side.between?(20, 1000)
          }

          InvalidDocument.refuse("/mm", :size_out_of_range, most: 1000)
        end
      end
    end
  end
end
