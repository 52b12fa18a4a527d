# frozen_string_literal: true

module ElmCup
  module Observation
    # What was seen of a bowl, as the texture numbers that it stands for: between two, or at one where it was marked on the scale.
    #   low, high  texture numbers; without end where anything drier, or wetter, would look the same      mark  nil where none was set
    Look = Value.of(:low, :high, mark: nil) do
      # A Look of the data of an event: a texture, a mark on the scale, or that it was too dry or too wet for the one that is wanted.
      # want: texture id.
      def self.of(data, want)
        return at(data["mark"]) if data.key?("mark")

        {"too_dry" => -> { new(low: -Float::INFINITY, high: Binding::Texture.index(want).to_f) },
         "too_wet" => -> { new(low: Binding::Texture.index(want) + 1.0, high: Float::INFINITY) }}
          .fetch(data["said"]) { -> { texture(data["texture"]) } }.call
      end

      # One of the seven, 0 loose to 6 pours: the first is anything drier too, the last anything wetter.
      def self.texture(index)
        last = index == Binding::Texture::ALL.size - 1
        new(low: index.zero? ? -Float::INFINITY : index.to_f, high: last ? Float::INFINITY : index + 1.0)
      end

      def self.at(number) = new(low: number, high: number, mark: number)
    end
  end
end
