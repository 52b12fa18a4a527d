# frozen_string_literal: true

module ElmCup
  module Cold
    # When StepPlans are done in one Place, one after another: what a step leaves cold is cold in the next.
    class ReadyFinder
      # Hours that are looked at. Source: docs/model.md, Cold.
      HOURS = {"freezer" => 4, "fridge" => 8, "room" => 8}.freeze

      # second_tray: more than one tray goes in at once; practice: a block from a step's id to cooks' minutes or nil.
      def initialize(place, second_tray: false, &practice)
        @place = place
        @warmer = second_tray ? Place::SECOND_TRAY_K : 0.0
        @practice = practice
        @left = {}
      end

      # The Ready of a StepPlan.
      def ready(plan)
        layers = begun(plan)
        start = layers[plan.judged].last
        ready = found(plan, layers, start)
        plan.layers.each_with_index { |(substance, _), at| @left[substance.name] = ready.end_c[at] }
        ready
      end

      # Chills of the whole time, [typical, quick, slow], for its curve.
      def curves(plan)
        layers = plan.layers.map { |substance, mm| [substance, mm, substance.start_c] }
        [[@place.typical, Chill::FINE], [@place.quick, Chill::COARSE], [@place.slow, Chill::COARSE]]
          .map { |air, grain| chill(plan, layers, air, grain, samples: true) }
      end

      private

      def begun(plan)
        plan.layers.each_with_index.map { |(substance, mm), at|
          [substance, mm, plan.fresh.include?(at) ? substance.start_c : @left.fetch(substance.name, substance.start_c)]
        }
      end

      def found(plan, layers, start)
        substance = plan.substance
        warm = layers.map(&:last)
        return already_firm(plan, layers, start) if substance.kpa_at_start(start) >= plan.touch.kpa

        run = (chill(plan, layers, @place.typical, Chill::FINE) if can?(plan, start))
        unless run&.minutes
          return said(plan, "will_not_firm", start, run ? run.means : warm,
            why: WhySoft.words(substance, plan.touch, place, start, hours))
        end

        return already_firm(plan, layers, start) if run.minutes < LEAST_MINUTES

        quick, slow = [@place.quick, @place.slow].map { |air| chill(plan, layers, air, Chill::COARSE).minutes }
        said(plan, "ready", start, run.means, middle: run.minutes, quick: quick, slow: slow,
          ready: Ready.band(run.minutes, quick, slow))
      end

      # Less than that is no stay in the cold.
      LEAST_MINUTES = 1

      def already_firm(plan, layers, start)
        said(plan, "already_firm", start, after_custom(plan, layers, layers.map(&:last)), why: ALREADY.fetch(plan.touch.id))
      end

      # What is dipped is chilled all the same: as cold as that makes it; anything else goes on as it is.
      def after_custom(plan, layers, warm)
        return warm unless plan.touch.id == DIP && place.celsius < warm.min

        Chill.of(layers, form: plan.form, judged: plan.judged, air: felt(plan, @place.typical), kpa: Float::INFINITY,
          hours: CUSTOM_MINUTES / 60.0, grain: Chill::COARSE).means
      end

      DIP = "dip"
      # Minutes that cooks freeze what would be firm enough to dip without. Source: common practice.
      CUSTOM_MINUTES = 25

      # It is cold enough there at last.
      def can?(plan, start) = place.celsius < start && WhySoft.firm_at_last?(plan.substance, plan.touch, place)

      def place = @warmer.zero? ? @place : @place.with(celsius: @place.celsius + @warmer)

      def hours = HOURS.fetch(@place.kind)

      def chill(plan, layers, air, grain, **more)
        Chill.of(layers, form: plan.form, judged: plan.judged, air: felt(plan, air), kpa: plan.touch.kpa, hours: hours, tin: plan.tin,
          grain: grain, **more)
      end

      # An Air as what stands close, and beside a second tray, feels it.
      def felt(plan, air) = (plan.small ? air.times(Place::TOUCHING) : air).warmer(@warmer)

      def said(plan, state, start, left, middle: nil, quick: nil, slow: nil, ready: nil, why: nil)
        Ready.new(state: state, ready: ready, middle: middle, quick: quick, slow: slow, why: why,
          practice: @practice.call(plan.id, @place.kind), start_c: start,
          end_c: left)
      end

      # Source: common practice.
      ALREADY = {"dip" => "It is firm enough to handle; cooks still freeze it 20 to 30 minutes, so that the shell sets at once.",
                 "cut" => "It is firm enough already.", "snap" => "It is firm enough already.",
                 "spoon" => "It stands already."}.freeze
    end
  end
end
