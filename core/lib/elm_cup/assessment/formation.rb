# frozen_string_literal: true

module ElmCup
  class Assessment
    # What is shaped to pieces: one bowl, or one for each flavour and one for what stays plain. A flavour gets its share of the base
    # and of everything else that goes into the pieces.
    class Formation
      # One bowl that is shaped for itself. flavour: Flavour, nil for what is plain; share: of what all share; bowl: Mixture::Bowl;
      # layers: Piece::Layers of it.
      ShapedBowl = Value.of(:flavour, :share, :bowl, :layers)
      # What lies at the foot, wherever the document has it.
      BASE = "base"
      # A rest under this share of the base is rounding, not a plain part.
      NOTHING = Rational(1, 100_000)

      # shares: the Shares of the assessment.
      def initialize(assessment, shares)
        @flavours = assessment.flavours
        @shape = assessment.formula.shape
        @shares = shares
        @components = assessment.components.select(&:in_piece?).sort_by.with_index { |component, at|
          [(component.type.id == BASE) ? 0 : 1, at]
        }
        @shared = @components.flat_map { |component| shares.lines_left(component) }
      end

      # Everything in the pieces as one Mixture::Bowl.
      def whole = @whole ||= Mixture::Bowl.new(@shared + @flavours.flat_map { |flavour| flavour.folded.lines })

      # The same as Piece::Layers.
      def layers = @layers ||= (@flavours.empty? ? layers_of(1) : Piece::Layers.new(all.flat_map { |each| each.layers.to_a }))

      # ShapedBowls in the order of the flavours, what is plain last; one plain bowl where there are no flavours.
      def all
        @all ||= @flavours.map { |flavour|
          ShapedBowl.new(flavour: flavour, share: flavour.split.share, bowl: bowl(flavour), layers: layers_of(flavour.split.share, flavour))
        } + plain
      end

      private

      def bowl(flavour) = Mixture::Bowl.new(times(flavour.split.share) + flavour.folded.lines)

      def plain
        rest = 1 - @flavours.sum { |flavour| flavour.split.share }
        return [] unless rest > NOTHING

        [ShapedBowl.new(flavour: nil, share: rest, bowl: (rest == 1) ? whole : Mixture::Bowl.new(times(rest)), layers: layers_of(rest))]
      end

      # A share of every component; the base of a flavour with what is folded into it.
      def layers_of(share, flavour = nil)
        layers = @components.map { |component|
          next layer(flavour.folded).with(component: component.name) if flavour && component == flavour.base

          layer(component, (@shares.left(component) * share).to_f)
        }
        layers << layer(flavour.folded_alone) if flavour && !@components.include?(flavour.base)
        Piece::Layers.new(layers)
      end

      def layer(part, share = 1.0) = part.layer(share, poured: @shape&.poured?(part.want) || false)

      def times(share) = @shared.map { |line| line.read? ? line.times(share) : line }
    end
  end
end
