# frozen_string_literal: true

module ElmCup
  module Document
    # What a kitchen has to work with: hands, machines, room in the cold, and when nobody is there.
    #   hands, processor, melt, hob, oven  how many      cold  "freezer", "fridge" => trays that go in
    #   asleep   ["23:00", "07:00"] of every night, nil for never      away  Hashes of what comes again every week: days, start, end, n, why
    Means = Value.of(:hands, :processor, :melt, :hob, :oven, :cold, asleep: nil, away: [].freeze) do
      self::ONE_EACH = %w[processor melt hob oven].freeze
      # Trays that go into one where nobody says. Source: common practice: a plate fits a freezer, two a fridge.
      self::SLOTS = {"freezer" => 1, "fridge" => 2}.freeze
      self::ASLEEP = %w[23:00 07:00].freeze

      # Means of what a household said of its kitchen (Hash).
      def self.from(household)
        places = household["places"] || []
        cold = self::SLOTS.to_h do |kind, usual|
          of_kind = places.select { |place| place["kind"] == kind }
          [kind, places.empty? ? usual : of_kind.sum { |place| place["slots"] || usual }]
        end
        new(hands: household["hands"] || 1, processor: 1, cold: cold.freeze, away: household["away"] || [],
          asleep: household.fetch("asleep", self::ASLEEP), **%w[melt hob oven].to_h { |name| [name.to_sym, household[name] || 1] })
      end

      # Trays that go into the freezer or the fridge.
      def slots(place) = cold.fetch(place)

      # Resource of a plan => how many there are.
      def resources
        {"hands" => hands, "processor" => processor, "melt" => melt, "hob" => hob, "oven" => oven, **cold}
      end
    end
  end
end
