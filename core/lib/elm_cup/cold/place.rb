# frozen_string_literal: true

module ElmCup
  module Cold
    # A freezer, a fridge or a room, as far as what stands in it feels.
    #   kind      "freezer", "fridge" or "room"      celsius  its air, as it usually is
    #   fan       a fan stirs it                     top, bottom  W/(m2 K), nil where nobody measured
    #   assumed   words on what was taken for granted of its air, nil where it is known
    Place = Value.of(:kind, :celsius, fan: false, top: nil, bottom: nil, assumed: nil) do
      self::ROWS = DataTable.rows("places").group_by { |row| row["place"] }.transform_values { |rows|
        rows.to_h { |row| [row["run"], %w[warmer_k top bottom].map { |key| row[key].to_f }.freeze] }.freeze
      }.freeze
      self::KINDS = self::ROWS.keys.freeze
      # K that the air is usually warmer than the dial says, give or take. Source: common practice.
      self::DIAL_OFF_K = {"freezer" => 3.0, "fridge" => 2.0, "room" => 0.0}.freeze
      self::DIAL_GIVE_K = {"freezer" => 2.5, "fridge" => 1.5, "room" => 0.0}.freeze
      # °C of the dial where nobody says.
      self::USUAL_C = {"freezer" => -18.0, "fridge" => 4.0, "room" => 21.0}.freeze
      # How far a measured transfer may be off either way.
      self::MEASURED_BAND = 1.2
      # What stands close passes its heat less easily; a second tray warms the air. Source: estimates, ± 30 %.
      self::TOUCHING = 0.8
      self::SECOND_TRAY_K = 2.0

      # The Place of a kitchen document's place (Hash).
      def self.from(said)
        kind = said["kind"]
        measured = said["air_c"]
        off = self::DIAL_OFF_K.fetch(kind)
        new(kind: kind, celsius: measured ? measured.to_f : said["dial_c"] + off, fan: said["fan"] || false, top: said["h_top"]&.to_f,
          bottom: said["h_bottom"]&.to_f, assumed: (dial_words(said, off) unless measured || off.zero?))
      end

      def self.dial_words(said, off)
        name = said["name"] || "The #{said["kind"]}"
        warmer, give = [off, self::DIAL_GIVE_K.fetch(said["kind"])].map { |each| Quantity::FractionText.decimal(Rational(each.to_s)) }
        "#{name} is taken as #{warmer} °C warmer than its dial, as most are, give or take #{give}. Measure it in Kitchen."
      end
      private_class_method :dial_words

      # Its usual W/(m2 K) at the top and at the bottom, where nobody measured.
      def self.usual(kind, fan: false) = self::ROWS.fetch(kind).fetch(fan ? "fan" : "typical").last(2)

      # The Airs of what stands in it: as it most likely is, at its quickest, at its slowest.
      def typical = Air.new(celsius: celsius, top: transfer.first, bottom: transfer.last)

      def quick
        return typical.times(self.class::MEASURED_BAND) if measured?

        row("fan")
      end

      def slow
        return typical.times(1 / self.class::MEASURED_BAND) if measured?

        fan ? row("typical") : row("slow")
      end

      # Its transfer was measured.
      def measured? = !top.nil? && !bottom.nil?

      private

      def transfer = measured? ? [top, bottom] : self.class.usual(kind, fan: fan)

      def row(run)
        warmer, above, below = self.class::ROWS.fetch(kind).fetch(run)
        Air.new(celsius: celsius + warmer, top: above, bottom: below)
      end
    end
  end
end
