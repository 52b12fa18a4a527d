# frozen_string_literal: true

module ElmCup
  module Cold
    # When the pieces are firm enough for the next touch, and how warm they may get: in short.
    class ColdSection < Section
      # What the screen shows first.
      #   step, words  of the leading Step      freezer_minutes, fridge_minutes  Ready there, nil where there is nothing to chill
      #   firmness     Hold::Points of the weakest part at the places that it meets
      #   holds_to_c, fails_first  of the piece, and the part that gives way       sentence  what to do
      #   surely_to_c  what it holds to even where a part is softer than reckoned
      Summary = Value.of(:step, :sentence, :freezer_minutes, :fridge_minutes, :firmness, :holds_to_c, :surely_to_c, :fails_first)
      # °C of the marks that firmness is told at.
      MARKS = [-18, 4, 20, 25, 30, 40].freeze
      # The step that the cook waits for, first come first.
      LEADING = %w[dip firm cut cover slice set shape].freeze
      PLACES = %w[freezer fridge].freeze

      named "cold", needs: %w[pieces coat]
      key("cold") { summary }
      part_key("cold_set", digits: 2) { |part| cold_set(part) }

      # Summary; nil where nothing of it is read.
      def summary
        return if holds.empty?
        return @summary if @summary

        sentence = Sentence.of(leading, weakest, unsure, doubt: doubt)
        @summary = Summary.new(step: leading&.id, sentence: sentence, freezer_minutes: leading&.freezer, fridge_minutes: leading&.fridge,
          firmness: marks, holds_to_c: holds_to_c, surely_to_c: surely_to_c, fails_first: weakest.component)
      end

      # Steps in their order.
      def steps = @steps ||= plans.map { |plan| step(plan) }

      # The Step that the cook waits for, nil where there is none.
      def leading = @leading ||= (plan = leading_plan) && step(plan)

      # StepPlan of it.
      def leading_plan = LEADING.lazy.filter_map { |id| plans.find { |plan| plan.id == id } }.first

      def plans = @plans ||= StepPlans.new(assessment, substances).all

      def substances = @substances ||= Substances.new(assessment)

      # Holds of every part of the pieces, and of the coat.
      def holds = @holds ||= parts.map { |substance| Hold.of(substance) }

      # Substances of what the pieces are made of, the coat last.
      def parts = @parts ||= [*assessment.components.select(&:in_piece?).map { |part| substances.of(part.name) }, substances.coat].compact

      # The Hold that gives way first.
      def weakest = holds.min_by { |hold| hold.holds_to_c || -Float::INFINITY }

      # °C of a fridge and of a warm room.
      SET_C = 4
      WARM_C = 24

      # Share of the firmness of a part (Assessment::Part) in the fridge that is lost in a warm room, 0 to 1; nil where nothing is read.
      def cold_set(part)
        firmness = substances.of(part.name)&.firmness or return
        cold, warm = [SET_C, WARM_C].map { |celsius| firmness.kpa(celsius) }
        cold.positive? ? (1 - warm / cold).clamp(0.0, 1.0) : 0.0
      end

      # The first TextureDoubt of a part of the pieces; nil where textures and firmness agree.
      def doubt
        room_c = assessment.formula.kitchen.room_c
        assessment.components.select(&:in_piece?).lazy.filter_map { |part|
          firmness = substances.of(part.name)&.firmness
          TextureDoubt.of(part, firmness, cold_set(part), room_c) if firmness
        }.first
      end

      # Whole °C; nil where it does not even hold in the freezer.
      def holds_to_c = weakest&.holds_to_c

      # The Hold that gives way first where parts are softer than reckoned; whole °C of it.
      def unsure = holds.min_by { |hold| hold.surely_to_c || -Float::INFINITY }

      def surely_to_c = unsure&.surely_to_c

      # The ReadyFinder of a kind of place, whose steps are asked for in their order.
      def finder(kind)
        ReadyFinder.new(assessment.formula.kitchen.place(kind), second_tray: second_tray?) do |step, place|
          Practice.minutes(step, assessment.formula.shape.id, pieces.together.practice_mm, place)
        end
      end

      # They do not all go in on one tray.
      def second_tray?
        return @second_tray if defined?(@second_tray)

        @second_tray = !pieces.together.nil? && assessment.section("choices").rounds.any? { |round|
          round.what == "tray" && round.rounds > 1
        }
      end

      private

      # Steps are asked for once each; a step after others is reckoned behind them.
      def step(plan)
        (@made ||= {})[plan] ||= begin
          upto = plans.take(plans.index(plan) + 1)
          upto.each { |each| (@readies ||= {})[each] ||= PLACES.to_h { |kind| [kind, finders[kind].ready(each)] } }
          Step.new(id: plan.id, component: plan.substance.name, aim: plan.touch, words: plan.words, start_words: plan.substance.start_words,
            freezer: @readies[plan]["freezer"], fridge: @readies[plan]["fridge"])
        end
      end

      def finders = @finders ||= PLACES.to_h { |kind| [kind, finder(kind)] }

      def marks = Hold.at(weakest.substance, MARKS)
    end
  end
end
