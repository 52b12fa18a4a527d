# frozen_string_literal: true

module ElmCup
  module Keeping
    # Where one part lives and for how long.
    #   component        its name
    #   water_activity   by the main account; low, high  of all; nil where it is too dry to say
    #   place            "room", "fridge" or "freezer"      days  by place
    #   perishable       texts of its lines that are      soft  its fat is soft in the room
    #   why              what decided, with its figure
    PartKeeping = Value.of(:component, :water_activity, :water_activity_low, :water_activity_high, :place, :days, :perishable, :soft, :life,
      :why) do
      self::DIGITS = {water_activity: 2, water_activity_low: 2, water_activity_high: 2}.freeze
      # Under that share of a part a perishable line is a flavour; over it the part is perishable. From memory: an estimate.
      self::PERISHABLE_SHARE = 0.02
      # Shares by mass that make a part chocolate, or nut butter; of coconut in the melted fat.
      self::CHOCOLATE = 0.5
      self::NUT_BUTTER = 0.3
      self::COCONUT = 0.3
      self::BUTTERS = ["nut butter", "seed butter"].freeze
      # It is soft where it does not hold to so much over the room.
      self::OVER_ROOM_K = 4
      self::LIMP = "It does not get hard enough to snap in the fridge."

      # Of an Assessment::Part that is not empty. hold: its Cold::Hold; blend: Fat::Blend of what is melted in it; in_shell: it is the
      # filling of a shell; room_c, fridge_c: °C.
      def self.of(part, hold:, blend:, in_shell:, room_c:, fridge_c:)
        activity = Mixture::WaterActivity.of(part.bowl)
        soft = (hold.holds_to_c || -273) < room_c + self::OVER_ROOM_K
        perishable = perishable_lines(part)
        life, why = life_of(part, activity, soft, perishable, blend, in_shell)
        life = life.cold_only if soft
        new(component: part.name, water_activity: activity&.norrish, water_activity_low: activity&.low, water_activity_high: activity&.high,
          place: place(life, activity, hold, fridge_c), days: life.days, perishable: perishable.map(&:label), soft: soft, life: life.id,
          why: [why, (self::LIMP if limp?(hold, fridge_c)), (soft_words(hold, room_c) if soft)].compact.join(" "))
      end

      self::PERISHABLE = "perishable"

      # Of what is strewn on or folded in: nothing holds to it, and it is judged by its lines and its water.
      def self.of_strewn(part)
        activity = Mixture::WaterActivity.of(part.bowl)
        perishable = perishable_lines(part)
        life, why = life_of(part, activity, false, perishable, Fat::Blend.new({}), false)
        new(component: part.name, water_activity: activity&.norrish, water_activity_low: activity&.low, water_activity_high: activity&.high,
          place: (life.days["room"].positive? && (activity.nil? || activity.high <= WaterLimit::ROOM)) ? "room" : "fridge", days: life.days,
          perishable: perishable.map(&:label), soft: false, life: life.id, why: why)
      end

      # Ingredient::Lines that are perishable, and enough of them.
      def self.perishable_lines(part)
        lines = part.bowl.lines.select { |line| line.entry.perishable }
        (lines.sum(0.0) { |line| line.grams.to_f } >= self::PERISHABLE_SHARE * part.bowl.grams) ? lines : []
      end

      def self.life_of(part, activity, soft, perishable, blend, in_shell)
        lives = Life::ALL
        if perishable.any? then [lives["perishable"], "It holds something perishable (#{perishable.first.label})."]
        elsif activity && activity.high > WaterLimit::CONTROLLED
          [lives["perishable"], "Its water activity may be #{said(activity.high)}: #{WaterLimit.of(activity.high).words}."]
        elsif share(part, ["chocolate"]) >= self::CHOCOLATE then [lives["chocolate"], "It is mostly chocolate."]
        elsif soft && blend.share_of("coconut") >= self::COCONUT then [lives["coconut"], "Coconut oil holds it together."]
        elsif in_shell && share(part, self::BUTTERS) >= self::NUT_BUTTER then [lives["cups"], "A nut-butter filling in a shell."]
        else
          room = activity.nil? || activity.high <= WaterLimit::ROOM
          [lives[(room && !soft) ? "dry" : "mixed"], water_words(activity)]
        end
      end

      def self.water_words(activity)
        activity ? "Its water activity is at most #{said(activity.high)}: #{WaterLimit.of(activity.high).words}." : "It is #{WaterLimit::DRY}."
      end

      def self.soft_words(hold, room_c)
        return "It is soft everywhere." unless hold.holds_to_c

        "It holds only to #{Cold::Celsius.words(hold.holds_to_c)}: too close to a room of #{Cold::Celsius.words(room_c)}."
      end

      def self.share(part, families)
        part.bowl.lines.sum(0.0) { |line| families.include?(line.entry.family) ? line.grams.to_f : 0.0 } / part.bowl.grams
      end

      def self.place(life, activity, hold, fridge_c)
        return "freezer" if frozen?(hold, fridge_c)

        (life.days["room"].positive? && (activity.nil? || activity.high <= WaterLimit::ROOM)) ? "room" : "fridge"
      end

      # A soft fat that does not even hold in the fridge (a syrup that flows is no reason for the freezer), or bark that does not snap
      # there.
      def self.frozen?(hold, fridge_c)
        material = hold.substance.material
        limp?(hold, fridge_c) ||
          ((hold.holds_to_c || -273) < fridge_c && material.blend.grams / Cold::Material::FAT > material.syrup_ml)
      end

      def self.limp?(hold, fridge_c) = hold.substance.brittle && hold.substance.firmness.kpa(fridge_c) < Cold::Grade::SNAPS

      def self.said(activity) = format("%.2f", activity)
      private_class_method :perishable_lines, :life_of, :water_words, :soft_words, :share, :place, :frozen?, :limp?, :said

      def perishable? = perishable.any?
    end
  end
end
