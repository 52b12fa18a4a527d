# frozen_string_literal: true

module ElmCup
  module Cold
    # A piece that leaves the cold and goes through stretches of so many minutes at so many °C.
    #   minutes, air_c  of the stretch      celsius  in the middle of the piece at its end
    #   kpa        the least that the part that fails first has in it      component  that part      verdict  what that means
    #   holds      it still stands, or, of a shell, cuts
    Journey = Value.of(:minutes, :air_c, :celsius, :kpa, :component, :verdict, :holds) do
      self::DIGITS = {celsius: 1, kpa: 1}.freeze

      # One for each stretch ([minutes, °C]). piece: [Substance, mm]; form; place: Place it comes from.
      def self.of(stretches, piece, form:, place:)
        cells, steps, growth = Chill::COARSE
        stack = Stack.new(form: form, layers: piece.map { |substance, mm| substance.layer(mm, place.celsius) })
        air = Place.new(kind: "room", celsius: place.celsius).typical
        run = Conduction.new(stack, air, cells: cells, steps: steps, growth: growth)
        settings = piece.map { |substance, _| Setting.new(substance.table, place.celsius + Grade::CAUTION_K) }
        stretches.map { |minutes, celsius| stretch(run.into(air.with(celsius: celsius)), minutes, celsius, piece.map(&:first), settings) }
      end

      def self.stretch(run, minutes, air_c, substances, settings)
        least = substances.each_index.map { |at| [settings[at].kpa, at] }
        before = 0.0
        run.run(minutes * 60.0) do |seconds, now|
          passed = seconds / 60 - before
          before += passed
          settings.each_with_index { |setting, at|
            kpa = setting.step(passed, now.mean_c(at) + Grade::CAUTION_K)
            least[at] = [kpa, at] if kpa < least[at].first
          }
          nil
        end
        said(least.min_by { |kpa, at| kpa / Hold.line(substances[at]) }, substances, minutes, air_c, run.core_c)
      end

      def self.said(weakest, substances, minutes, air_c, core_c)
        kpa, at = weakest
        substance = substances[at]
        new(minutes: minutes, air_c: air_c, celsius: core_c, kpa: kpa, component: substance.name,
          verdict: Grade.of(kpa, brittle: substance.brittle), holds: kpa >= Hold.line(substance))
      end
      private_class_method :stretch, :said
    end
  end
end
