# frozen_string_literal: true

module ElmCup
  module SecondLook
    # A layer thinner than the pieces in it cannot be pressed flat. Sizes: rows of core/data/lump_sizes.csv (common practice).
    module ThinnerThanChips
      ID = "thinner-than-chips"
      ROWS = DataTable.rows("lump_sizes").map { |row|
        [DataTable.list(row["ingredients"]), DataTable.list(row["families"]), DataTable.list(row["forms"]), row["millimetres"].to_f].freeze
      }.freeze

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        pieces = whole.assessment.pieces.together
        # Nobody minds what sticks out of a sheet that is broken.
        return [] unless pieces&.count&.positive? && pieces.sheet_cm2.nil? && pieces.body.mm.last < pieces.body.mm.first

        pieces.layers.filter_map { |layer|
          table = whole.tables.find { |each| each.name == layer.component } or next
          lumps = table.read_lines.map { |line, index| [millimetres(line, table), line, index] }.select { |mm, _| mm && mm > layer.mm }
          finding(whole, table, layer, lumps) if lumps.any? && layer.mm >= LEAST_MM
        }
      end

      # A layer thinner than that is none.
      LEAST_MM = 0.5

      # How large the pieces of a line are, nil where they are none: a processor cuts them.
      def self.millimetres(line, table)
        return if table.process == "processor" || line.melted

        like, family = line.entry.like, line.entry.family
        row = ROWS.find { |ids, families, forms, _| (ids.include?(like) || families.include?(family)) && forms.include?(line.form) }
        row&.last
      end

      def self.finding(whole, table, layer, lumps)
        mm, line, = lumps.max_by(&:first)
        Finding.mended_by(rule: ID, component: table.name, **remedy(whole, table, lumps),
          message: "#{table.name} lies #{layer.mm.round(1)} mm thick, and “#{line.label}” are about #{mm.round} mm: they stick out. Chop them small, or take a smaller tin.")
      end

      def self.remedy(whole, table, lumps)
        return {remedy_text: "Leave it so", patch: LineRemedy.mute(whole, ID)} unless lumps.all? { |_, line, _| table.library.form?(line.entry.id, "ground") }

        {remedy_text: "Grind them", patch: lumps.flat_map { |_, line, index|
          text = "#{LineRemedy.grams_text(line.grams)} #{line.entry.name.downcase}, ground"
          LineRemedy.replace(table, index, {"text" => text, "ingredient" => line.entry.id})
        }}
      end
      private_class_method :millimetres, :finding, :remedy
    end
  end
end
