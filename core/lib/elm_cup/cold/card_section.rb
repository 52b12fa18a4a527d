# frozen_string_literal: true

module ElmCup
  module Cold
    # All of the cold: every step, the curves, out of the cold, from the freezer to a hot car, the journey.
    class CardSection < Section
      # °C of rooms that are told beside the kitchen's own.
      ROOMS = [20.0, 25.0, 30.0].freeze

      named "cold_card", needs: %w[pieces coat], asked: true
      key("cold_card") { card }

      Card = Value.of(:steps, :curves, :out, :parts, :hold, :solid_fat, :fails_first, :journey, :journey_from, :places, :notes)

      # The Card; nil where nothing of it is read.
      def card
        return if cold.holds.empty?

        parts = cold.parts
        Card.new(steps: cold.steps, curves: curves, out: out, parts: cold.holds, hold: cold.holds.flat_map(&:rows),
          solid_fat: parts.filter_map { |each| SolidCurve.of(each) }, fails_first: cold.weakest.component, journey: journey,
          journey_from: (lives.kind if journey), places: places, notes: notes)
      end

      private

      def cold = assessment.section("cold")

      def kitchen = assessment.formula.kitchen

      # ChillCurves of the leading step in both places.
      def curves
        @curves ||= (plan = cold.leading_plan) ? ColdSection::PLACES.map { |kind|
          ChillCurve.of(kind, plan.id, cold.finder(kind).curves(plan))
        } : []
      end

      # Warmings out of the freezer and the fridge into rooms.
      def out
        return [] if piece.empty?

        rooms = [kitchen.room_c, *ROOMS].uniq
        ColdSection::PLACES.flat_map { |kind|
          dip_c = dip_c(kind)
          rooms.map { |room_c| Warming.of(piece, form: path.form, place: kitchen.place(kind), room_c: room_c, bare: bare, dip_c: dip_c) }
        }
      end

      # °C of a piece that is taken out to be dipped: as cold as the longest it should be in there has made it; nil where none is dipped.
      def dip_c(kind)
        return unless bare && cold.leading_plan&.id == "dip"

        ready = cold.leading.ready_in(kind)
        return if ready.state == "will_not_firm"

        curves.find { |curve| curve.place == kind }.celsius_at(ready.ready ? ready.ready.last : ReadyFinder::CUSTOM_MINUTES)
      end

      def journey
        stretches = assessment.formula.journey
        return if stretches.empty? || piece.empty?

        @journey ||= Journey.of(stretches, piece, form: path.form, place: lives)
      end

      def lives = kitchen.place(assessment.formula.lives)

      def path = @path ||= assessment.formula.shape.served_path(pieces.together)

      # [Substance, mm] of a piece as it is eaten, and before it was dipped.
      def piece
        @piece ||= pieces.together ? [*naked, *shell] : []
      end

      def bare = (naked if coat.need&.used&.melted? && coat.need.dipped?)

      def naked
        @naked ||= path.layers.filter_map { |depth|
          substance = cold.substances.of(depth.component)
          [substance, depth.mm] if substance && depth.mm.positive?
        }
      end

      def shell
        substance = cold.substances.coat
        (substance && coat.need) ? [[substance, [coat.need.thickness_mm, StepPlans::THINNEST_MM].max]] : []
      end

      # The places that it meets: kind, °C of their air.
      def places = kitchen.places.values.map { |place| {"kind" => place.kind, "celsius" => place.celsius, "fan" => place.fan} }

      # What was taken for granted.
      def notes
        [*ColdSection::PLACES.filter_map { |kind| kitchen.place(kind).assumed },
          *cold.steps.select(&:start_words).uniq(&:component).map { |step| "The #{step.component} is taken as #{step.start_words}." },
          ("More than one tray goes in at once: the air gets warmer." if cold.second_tray?)].compact
      end
    end
  end
end
