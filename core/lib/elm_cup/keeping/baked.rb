# frozen_string_literal: true

module ElmCup
  module Keeping
    # The pressed slab baked: it loses some of its water, and can then be carried anywhere. Source: common practice (20 minutes at 175 °C,
    # to golden edges); the share of the water is an estimate.
    #   water_loss_pct  [least, most]      water_activity_low, _high  of the dough afterwards, nil where it is too dry to say
    #   place, days     then               words
    Baked = Value.of(:water_loss_pct, :water_activity_low, :water_activity_high, :place, :days, :words) do
      self::DIGITS = {water_activity_low: 2, water_activity_high: 2}.freeze
      self::LOSS_PCT = [15, 30].freeze
      self::MINUTES = 20
      self::OVEN_C = 175

      # It is one: a slab of one dough that melts nothing and holds nothing perishable.
      def self.suits?(assessment)
        parts = assessment.components.select(&:in_piece?)
        assessment.formula.shape&.id == "slab" && parts.one? && !parts.first.bowl.empty? && parts.first.want == "presses" &&
          parts.first.bowl.lines.none? { |line| line.entry.perishable || line.entry.family == "chocolate" }
      end

      # Of an Assessment, nil where it does not suit.
      def self.of(assessment)
        return unless suits?(assessment)

        activities = self::LOSS_PCT.filter_map { |pct| after(assessment.components.find(&:in_piece?).bowl, pct) }
        high = activities.map(&:high).max
        place = (high.nil? || high <= WaterLimit::ROOM) ? "room" : "fridge"
        new(water_loss_pct: self::LOSS_PCT, water_activity_low: activities.map(&:low).min, water_activity_high: high, place: place,
          days: Life::ALL["dry"].days, words: said(place))
      end

      # Mixture::WaterActivity of a bowl that lost so much of its water; nil where it is too dry to say.
      def self.after(bowl, pct)
        parts = Ingredient::Composition::ALL.map { |part| bowl.composition.public_send(part) * ((part == :water) ? 1 - pct / 100.0 : 1) }
        composition = Ingredient::Composition.new(parts)
        return if composition.water < Mixture::WaterActivity::LEAST_WATER * bowl.grams

        Mixture::WaterActivity.new(composition, Mixture::WaterActivity.sugars_of(bowl))
      end

      def self.said(place)
        where = (place == "room") ? "It can then ride in a bag all day." : "It still wants the fridge."
        "Bake the pressed slab #{self::MINUTES} minutes at #{self::OVEN_C} °C, to golden edges: it loses #{self::LOSS_PCT.join(" to ")} % of its water (an estimate). #{where}"
      end
      private_class_method :after, :said
    end
  end
end
