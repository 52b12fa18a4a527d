# frozen_string_literal: true

module ElmCup
  module Balance
    # One helper's dose for an unknown bowl: what it comes to as the bowl looks, and at either end of what is seen and known.
    class BowlDose
      # Which end: the share of the way through the seen class, and so many times the dry side.
      End = Value.of(:share, :demand, :needed)
      SOURCE = "what brings it to the middle of the texture: docs/model.md, Dose; what is measured out is rounded to a spoon"

      # option: Binding::Rescue::Option; bowl: callable, a share of the seen class and a factor of the dry side to a Binding::SeenMix; ends:
      # shares of the class at either end; spread: how many times larger or smaller the dry side may be; want: texture id; wetter: it shall
      # be wetter.
      def initialize(option, bowl:, ends:, spread:, want:, wetter:, library:)
        @option = option
        @bowl = bowl
        @ends = ends.product([1 / spread, spread])
        @want = want
        @wetter = wetter
        @library = library
      end

      # Grams of the least and of the most that it may take.
      def low_grams = ends.first

      def high_grams = ends.last

      # Binding::Why::Steps of the dose, and of its ends where they are other than what is measured out.
      def sums
        middle = at(0.5, 1.0)
        [
          (step("dose", middle, "as it looks") if middle),
          *{"dose_low" => low_grams, "dose_high" => high_grams}.filter_map do |figure, grams|
            corner = corners.find { |each| each.needed.grams == grams }
            step(figure, corner, "at this end of what is seen, its dry side #{corner.demand.round(2)} times as large") if corner
          end
        ].compact
      end

      private

      def ends = @edges ||= [*corners.map { |corner| corner.needed.grams }, @option.grams].minmax

      def corners = @corners ||= @ends.filter_map { |share, demand| at(share, demand) }

      def at(share, demand)
        mix = @bowl.call(share, demand)
        dose = Binding::Dose.new(mix.saturation, mix.portion_of(@option.line))
        aim = Binding::Texture.saturation(Binding::Texture.index(@want) + Binding::Rescue::AIM)
        needed = @wetter ? dose.wetting(aim) : dose.drying(aim)
        End.new(share: share, demand: demand, needed: needed) if needed
      end

      def step(figure, corner, words)
        needed = corner.needed
        Binding::Why::Step.new(
          figure: figure, value: needed.grams, formula: "(target * demand - supply) / (own - target * takes)",
          inputs: {"target" => needed.target, "demand" => needed.demand, "supply" => needed.supply, "own" => needed.own,
                   "takes" => needed.takes},
          labels: {
            "target" => "fill in the middle of “#{@want}”", "demand" => "mL that the dry side takes, #{words}",
            "supply" => "mL of binder that count, #{words}",
            "own" => "mL of binder in a gram of #{@library[@option.ingredient].name.downcase}",
            "takes" => "mL that a gram of it takes up"
          }, source: SOURCE
        )
      end
    end
  end
end
