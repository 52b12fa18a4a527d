# frozen_string_literal: true

module ElmCup
  module Assessment
    # One component of the answer.
    class ComponentAnswer
      include Figures

      # read: ReadComponent; left: the share of it that stays after others took theirs, nil for a flavour.
      def initialize(read, left: nil)
        @read = read
        @left = left
        @verdict = read.verdict
      end

      def to_h
        {
          "name" => @read.name, "type" => @read.component.type, "process" => @read.component.process,
          "grams" => round(@read.bowl.grams, 2), "grams_left" => @left && round(@read.grams * @left, 2), "want" => @read.want,
          "sentence" => sentence, **judged, **facts, "takes" => takes, "lines" => lines
        }.compact
      end

      private

      def lines
        portions = (@read.mix&.portions || []).to_h { |portion| [portion.line.object_id, portion] }
        @read.lines.map { |line| LineAnswer.of(line, portions[line.object_id], @read.bowl.grams, @read.measures, @read.library) }
      end

      # What a component is on its own, once every line is read.
      def facts
        bowl = @read.bowl
        said = {"allergens" => bowl.allergens, "diets" => @read.flagged? ? [] : Mixture::Diets.kept(bowl)}
        return said if @read.flagged? || bowl.empty?

        said.merge("nutrition_per_100g" => round_all(Mixture::Nutrition.new(bowl).for_mass(100.0), 2), "sweetness_pct" => round(Mixture::Sweetness.percent(bowl)))
      end

      def takes
        @read.taken.map do |taken|
          {
            "component" => taken.take.component, "status" => taken.known? ? "read" : "waits", "share" => taken.fraction && round(taken.fraction, 4),
            "grams" => taken.grams && round(taken.grams, 2), "text" => taken.take.text, "message" => taken.message, "assumptions" => taken.assumptions
          }.compact
        end
      end

      def sentence
        return "There is nothing in it yet." if @read.contents.empty? && @read.taken.all?(&:known?)
        return waiting if @read.flagged?
        return "A #{@read.component.type} is not judged as a dough." unless @read.want
        return "There is nothing in it yet." unless @verdict

        Binding::Sentence.new(@verdict, want: @read.want, best: options.first).to_s
      end

      def waiting
        count = @read.lines.count { |line| !line.read? }
        return @read.taken.find { |taken| !taken.known? }&.message || "It waits for what it takes of another." if count.zero?

        "It cannot be judged until #{(count == 1) ? "one line is" : "#{count} lines are"} mended."
      end

      def judged
        return {} unless @verdict

        saturation = @verdict.saturation
        estimate.merge({
          "texture" => saturation.texture, "binder_ml" => round(saturation.supply), "demand_ml" => round(saturation.demand),
          "binder_split_ml" => split(saturation), "tack" => round(saturation.tack, 2), "grease" => round(saturation.grease, 2), "advice" => @verdict.advice,
          "little_known" => @verdict.estimable? ? @verdict.uncertainty.little_known : [], "rescue" => rescue_part, "why" => why
        }.compact)
      end

      def split(saturation)
        parts = {water: saturation.water, syrup: saturation.syrup, pulp: saturation.pulp, fat: saturation.fat, masked: 0.0 - saturation.masked}
        round_all(parts, 2)
      end

      def estimate
        return {} unless @verdict.estimable?

        low, high = @verdict.uncertainty.band
        {
          "saturation" => {"value" => round(@verdict.saturation.value, 3), "low" => round(low, 3), "high" => round(high, 3)},
          "texture_odds" => round_all(@verdict.uncertainty.odds, 3)
        }
      end

      def why = WhyAnswer.of(Binding::Why.new(@verdict.mix).steps)

      def options = @read.rescue_from&.options || []

      def rescue_part = RescueAnswer.of(@read.rescue_from, @read.want)
    end
  end
end
