# frozen_string_literal: true

module ElmCup
  module Piece
    # The sums behind the size of a piece: each Step's formula, with its inputs put in, gives its value again.
    class Why
      SOURCE = "docs/model.md, Pieces; densities of Choi & Okos 1986 with the air that is rolled, pressed, poured or whipped in"

      # layers: Layers of all of it; yielded: Yield of all.
      def initialize(layers, yielded)
        @layers = layers
        @yielded = yielded
      end

      # Binding::Why::Steps.
      def steps = [density, volume, solid, over]

      private

      def step(**said) = Binding::Why::Step.new(source: SOURCE, **said)

      def density
        step(figure: "density", value: @layers.density, formula: "grams / ml", inputs: {"grams" => @layers.grams,
                                                                                        "ml" => @layers.millilitres},
          labels: {"grams" => "grams of all that is shaped", "ml" => "mL that it takes up, with its air"})
      end

      def volume
        step(figure: "piece_ml", value: @yielded.piece_ml, formula: "grams / density",
          inputs: {"grams" => @yielded.piece_grams, "density" => @layers.density}, labels: {"grams" => "grams of one piece",
                                                                                            "density" => "g a mL"})
      end

      # The body that is drawn holds as much as the piece: of what is filled or joined its outside.
      def solid = step(figure: "body_ml", value: @yielded.body.volume_mm3 / 1000, **@yielded.body.why)

      def over
        each = @yielded.count * @yielded.piece_grams + @yielded.trim_grams.to_f
        step(figure: "over_grams", value: [@layers.grams - each, 0.0].max, formula: "max(grams - pieces * piece - trim, 0)",
          inputs: {"grams" => @layers.grams, "pieces" => @yielded.count, "piece" => @yielded.piece_grams,
                   "trim" => @yielded.trim_grams.to_f},
          labels: {"grams" => "grams of all that is shaped", "piece" => "grams of one piece", "trim" => "grams that are trimmed off"})
      end
    end
  end
end
