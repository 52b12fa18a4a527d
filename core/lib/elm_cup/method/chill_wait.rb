# frozen_string_literal: true

module ElmCup
  module Method
    # How long a stay in the cold is, and where: by the model where it knows, else by practice (rows of core/data/chill_waits.csv).
    module ChillWait
      ROWS = DataTable.rows("chill_waits").to_h { |row| [row["step"], row] }.freeze
      PLACES = %w[freezer fridge].freeze
      # What is dipped is chilled even where it is firm: a cold centre sets the shell. Source: common practice.
      CHILLED_ANYWAY = %w[dip].freeze

      # Minutes in the usual place from which the other is taken, where that is quicker.
      LONG = 60

      class << self
        # The Wait of a Cold::Step; nil where it is firm enough without. means: Document::Means; warm: it is kept out of the freezer where
        # the fridge will do.
        def of(step, means, warm: false)
          row = ROWS.fetch(step.id)
          places = order(row, means, warm)
          ready = places.select { |each| step.ready_in(each).state == "ready" }
          place = ready.find { |each| step.ready_in(each).ready.last <= LONG } || ready.min_by { |each| step.ready_in(each).ready.last }
          return model(step.ready_in(place).ready, row, place) if place
          return if firm?(step, places) && !CHILLED_ANYWAY.include?(step.id)

          practice(step, row, places)
        end

        # The number of slots it takes: whether what it chills lies on the trays of the pieces.
        def on_trays?(step) = ROWS.fetch(step.id)["trays"] == "1"

        private

        # Places that there are, the usual one first.
        def order(row, means, warm)
          usual = [("fridge" if warm), row["place"], *PLACES].compact.uniq
          there = usual.select { |place| means.slots(place).positive? }
          there.empty? ? ["fridge"] : there
        end

        def firm?(step, places) = places.any? { |place| step.ready_in(place).state == "already_firm" }

        def model(band, row, place)
          Wait.new(least: band.last, greatest: greatest(row, band.last), place: place, band: band, source: "model")
        end

        def practice(step, row, places)
          place = places.find { |each| step.ready_in(each).practice } || places.first
          band = step.ready_in(place).practice || [row["minutes_low"].to_i, row["minutes_high"].to_i]
          why = step.ready_in(place).why if step.ready_in(place).state == "will_not_firm"
          Wait.new(least: band.last, greatest: greatest(row, band.last), place: place, band: band, source: Row::PRACTICE, why: why)
        end

        # What takes longer than it may lie there may lie as long again as it takes.
        def greatest(row, least) = row["greatest"]&.then { |most| [most.to_i, least + most.to_i / 2].max }
      end
    end
  end
end
