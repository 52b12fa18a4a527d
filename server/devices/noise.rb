# frozen_string_literal: true

require "zlib"

module ElmCupServer
  module Devices
    # Draws of one device: the same seed and device give the same ones.
    class Noise
      MASK = 2**64 - 1

      # seed: of the household; id: of the device.
      def initialize(seed, id)
        @random = Random.new(self.class.mixed(seed, id))
      end

      # A seed of the device's own. Source: SplitMix64, from memory.
      def self.mixed(seed, id)
        z = (seed + 0x9e3779b97f4a7c15 * (Zlib.crc32(id) + 1)) & MASK
        z = ((z ^ (z >> 30)) * 0xbf58476d1ce4e5b9) & MASK
        z = ((z ^ (z >> 27)) * 0x94d049bb133111eb) & MASK
        z ^ (z >> 31)
      end

      # A standard normal draw.
      def normal = Math.sqrt(-2 * Math.log(1 - @random.rand)) * Math.cos(2 * Math::PI * @random.rand)

      # Between 0 and so much.
      def upto(most) = @random.rand * most
    end
  end
end
