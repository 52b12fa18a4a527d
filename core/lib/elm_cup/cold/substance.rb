# frozen_string_literal: true

module ElmCup
  module Cold
    # A part of a formula as it chills.
    #   name       of the part             material  Material
    #   start_c    °C that it comes with   start_words  why, nil where it is as warm as the room
    #   brittle    it is a shell, bark or comes out of a mould: it should snap      poured  it comes from a melt
    #   shell      it is a coat, or chocolate that stands alone: it holds while it is as firm as one that can be cut
    Substance = Value.of(:name, :material, :start_c, :start_words, :brittle, :poured, :shell, derived: true) do
      # Whole °C that are tabulated: a freezer and what is poured warm.
      self::RANGE = (-30..46)
      self::STARTS = DataTable.rows("start_temperatures").freeze
      # Made lately: tables by their Material.
      self::TABLES = BoundedCache.new(200)

      # Of an Assessment::Part that is not empty.
      #   poured  it is left to settle: what melts in it was melted     room_c  °C
      #   brittle, shell  as above      tempered, start_c  of a coat
      def self.of(part, poured:, room_c:, brittle: false, tempered: false, start_c: nil, shell: false)
        melted = poured || part.type.melted?
        material = part.kept_with([:material, melted, tempered]) {
          Material.of(part.mix.portions, part.bowl, air: Mixture::Air.of(part.bowl, poured: melted), melted: melted, tempered: tempered)
        }
        warm, words = start_c ? [start_c, nil] : start(part, material, poured, room_c)
        new(name: part.name, material: material, start_c: warm, start_words: words, brittle: brittle, poured: warm > room_c,
          shell: shell)
      end

      # [°C, words]: what is poured with a hard fat in it was melted, and so was what says so; it comes warm.
      def self.start(part, material, poured, room_c)
        warm = poured || part.bowl.lines.any?(&:melted)
        row = warm && self::STARTS.find { |each| of?(each, part, material) && each["celsius"].to_f > room_c }
        row ? [row["celsius"].to_f, row["words"]] : [room_c, nil]
      end

      def self.of?(row, part, material)
        share = if row["of"] == "family"
          part.bowl.lines.sum(0.0) { |line| (line.entry.family == row["name"]) ? line.grams.to_f : 0.0 } / part.bowl.grams
        else
          material.blend.share_of(row["name"])
        end
        share >= row["share"].to_f
      end
      private_class_method :start, :of?

      # MaterialTable of it: reckoned when a run first asks.
      def table = self.class::TABLES.fetch(material) { MaterialTable.new(material, self.class::RANGE) }

      # Firmness of it.
      attr_reader :firmness

      # kPa as it comes from the bowl; at rest at °C where it has stood.
      def kpa_at_start(celsius) = firmness.kpa(celsius, solid: (0.0 if poured && celsius == start_c))

      # A layer of it in a Stack, so thick and so warm.
      def layer(millimetres, celsius = start_c) = Stack::Layer.new(mm: millimetres, heat: table.heat, start_c: celsius)

      private

      def derive
        @firmness = Firmness.new(material)
      end
    end
  end
end
