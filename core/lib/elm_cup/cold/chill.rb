# frozen_string_literal: true

module ElmCup
  module Cold
    # One stay in an Air: when a layer of a Stack can be touched.
    #   minutes   until then, nil where it does not come to that
    #   means     °C of each layer at the end (or then)      samples  [minutes, °C at the core], empty where they were not asked for
    Chill = Value.of(:minutes, :means, :samples) do
      # How finely it is reckoned: [cells, steps, growth]. The ends of a band need no more than the second.
      self::FINE = [Conduction::CELLS, Conduction::STEPS, Conduction::GROWTH].freeze
      self::COARSE = [10, 30, 1.103].freeze

      # layers: [Substance, mm, °C at the start] from the foot up or from the heart outwards; judged: index of the layer that is touched.
      # samples: true: the whole time is run, and kept; slowness: of what sets, times as long as usual.
      def self.of(layers, form:, judged:, air:, kpa:, hours:, tin: nil, grain: self::FINE, samples: false, slowness: 1.0)
        stack = Stack.new(form: form, layers: layers.map { |each, mm, start_c| each.layer(mm, start_c) }, tin_j_m2_k: tin)
        cells, steps, growth = grain
        run = Conduction.new(stack, air, cells: cells, steps: steps, growth: growth)
        ChillWatch.new(layers, judged, kpa, samples, slowness: slowness).over(run, hours)
      end
    end
  end
end
