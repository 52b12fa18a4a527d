# frozen_string_literal: true

module ElmCup
  module Counter
    # What a row of the decision table may hang on, told of the mix that is in the bowl.
    class Circumstances
      # Grams of water that a gram of loose sugar takes up.
      TAKES = Binding::DoseSteps::WATER_A_GRAM_OF_SUGAR
      TEASPOON_GRAMS = 5

      # mix: Binding::Mix, nil where there is none.
      def initialize(mix)
        @mix = mix
      end

      # It is as a row says; a row that says nothing always holds. KeyError for what is not known.
      def hold?(word) = word.nil? || {"fat_led" => method(:fat_led?), "takes_water" => method(:takes_water?), "sets" => method(:sets?),
                                      "no_chocolate" => method(:no_chocolate?)}.fetch(word).call

      private

      def fat_led? = !@mix.nil? && @mix.saturation.fat_leads? && !takes_water?

      # Sugar or pulp takes a spoon of water, or there is water already.
      def takes_water?
        !@mix.nil? && (@mix.watery? || @mix.date_led? || TAKES * @mix.saturation.sugar >= TEASPOON_GRAMS && !@mix.saturation.fat_leads?)
      end

      def sets? = !@mix.nil? && @mix.setting_share(Binding::Remedy::FRIDGE_C) >= Binding::Remedy::SETS

      def no_chocolate? = @mix.nil? || @mix.lines.none? { |line| line.entry.family == "chocolate" }
    end
  end
end
