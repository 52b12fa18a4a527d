# frozen_string_literal: true

module ElmCup
  module Piece
    # All that is shaped together: Layers in the order of the document, from the foot up.
    class Layers
      include Enumerable

      attr_reader :grams, :millilitres

      # layers: of some weight each.
      def initialize(layers)
        @layers = layers.reject { |layer| layer.grams.zero? }.freeze
        @grams = @layers.sum(0.0, &:grams)
        @millilitres = @layers.sum(0.0, &:millilitres)
        freeze
      end

      def each(&) = @layers.each(&)

      # It weighs nothing.
      def empty? = @layers.empty?

      def size = @layers.size

      # g/mL of all of it; 1 where there is nothing.
      def density = empty? ? 1.0 : grams / millilitres
    end
  end
end
