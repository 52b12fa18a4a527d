# frozen_string_literal: true

module ElmCup
  module Keeping
    # Where it lives, for how many days, and what must be said of it.
    class KeepSection < Section
      # What a door says.
      #   place, days   of the whole      limits  name of the part that keeps the shortest there
      #   placed_by     of the one that needs the place
      #   why           words on both      parts  PartKeepings
      #   trades        words on water that goes from part to part      rancidity  words, nil for none      baked  Baked, nil for none
      #   cautions      sentences         notes  what was taken for granted
      Keep = Value.of(:place, :days, :limits, :placed_by, :why, :parts, :trades, :rancidity, :baked, :cautions, :notes)
      PLACES = Life::PLACES
      ACIDITY = "Its acidity is not known, so the strictest rule is taken."

      named "keep", needs: %w[pieces coat cold]
      key("keep") { keep }
      part_key("water_activity", digits: 2) { |part| Mixture::WaterActivity.of(part.bowl)&.norrish }

      # The Keep; nil where nothing is read.
      def keep
        return if parts.empty?

        @keep ||= Keep.new(place: place, days: days, limits: limiting.component, placed_by: placing.component, why: why,
          parts: parts,
          trades: MoistureTrade.words(parts, assessment.parts.reject { |part|
            part.bowl.empty?
          }), rancidity: Rancidity.words(assessment.bowl),
          baked: Baked.of(assessment), cautions: Cautions.new(assessment, parts).all, notes: notes)
      end

      # PartKeepings of what the pieces are made of, the coat last; then what is strewn on or folded in, where that is perishable.
      def parts = @parts ||= bodies + extras

      # The coldest that a part needs.
      def place = parts.map(&:place).max_by { |each| PLACES.index(each) }

      # Days by place: the shortest of the parts.
      def days = PLACES.to_h { |each| [each, parts.map { |part| part.days[each] }.min] }

      private

      def bodies
        cold.holds.map { |hold|
          substance = hold.substance
          part = assessment.components.find { |each| each.name == substance.name }
          PartKeeping.of(part, hold: hold, blend: substance.material.blend, in_shell: shelled?(substance), room_c: kitchen.room_c,
            fridge_c: kitchen.place("fridge").celsius)
        }
      end

      # They hold nothing together: only what may spoil counts.
      def extras
        toppings = assessment.components.reject { |part| part.in_piece? || bodies_named?(part.name) } - coat.aside
        strewn = assessment.flavours.flat_map { |flavour| [flavour.folded_alone, flavour.topping] }
        (toppings + strewn).reject { |part| part.bowl.empty? }.filter_map { |part|
          kept = PartKeeping.of_strewn(part)
          kept if kept.life == PartKeeping::PERISHABLE
        }
      end

      def bodies_named?(name) = cold.holds.any? { |hold| hold.component == name }

      def kitchen = assessment.formula.kitchen

      def shelled?(substance)
        need = coat.need
        !substance.shell && !need.nil? && need.used.inset(assessment.formula.coat) != Piece::Inset::NONE
      end

      # The PartKeeping that needs the coldest place, and the one that keeps the shortest there; one alone where it is both.
      def placing = @placing ||= parts.min_by { |part| [-PLACES.index(part.place), part.days[place]] }

      def limiting = @limiting ||= (placing.days[place] == days[place]) ? placing : parts.min_by { |part| part.days[place] }

      WHERE = {"room" => "may stay in the room", "fridge" => "needs the fridge", "freezer" => "needs the freezer"}.freeze

      def why
        return placing.why if parts.one?

        words = ["The #{placing.component} #{WHERE.fetch(place)}. #{placing.why}"]
        words << "The #{limiting.component} keeps the shortest there. #{limiting.why}" unless limiting == placing
        words.join(" ")
      end

      def notes
        [(ACIDITY if parts.any? { |part| part.water_activity_high.to_f > WaterLimit::CONTROLLED })].compact
      end
    end
  end
end
