# frozen_string_literal: true

module ElmCup
  module Cold
    # The StepPlans of a formula: rows of core/data/chill_steps.csv whose conditions hold, in their order.
    class StepPlans
      ROWS = DataTable.rows("chill_steps").group_by { |row| row["shape"] }.freeze
      # Dough that waits to be shaped lies flattened so thick.
      DOUGH_MM = 30.0
      # Textures that stick to the hands.
      SOFT = %w[tacky spreads pours].freeze
      TINS = DataTable.rows("tin_materials").to_h { |row| [row["material"], row["j_m2_k"].to_f] }.freeze
      USUAL_TIN = "steel"

      # assessment; substances: Substances, whose parts there are.
      def initialize(assessment, substances)
        @assessment = assessment
        @shape = assessment.formula.shape
        @substances = substances
        @need = assessment.coat.need
        @yielded = assessment.pieces.together
      end

      # StepPlans; none where nothing is shaped.
      def all
        return [] if @yielded.nil? || @yielded.layers.empty? || depths.empty?

        @all ||= ROWS.fetch(@shape.id).select { |row| holds?(row["where"]) }.flat_map { |row| plans(row) }
      end

      private

      def holds?(condition)
        case condition
        when "always" then true
        when "soft" then SOFT.include?(@assessment.leading&.texture)
        when "dipped" then dipped?
        when "undipped" then !dipped?
        when "melted" then melted?
        when "spread" then spread?
        when "unspread" then !spread?
        when "shelled" then shelled?
        when "unshelled" then !shelled?
        end
      end

      def melted? = !@need.nil? && @need.used.melted? && !coat.nil?

      def dipped? = melted? && @need.dipped?

      def spread? = melted? && !@need.dipped?

      def shelled? = melted? && @need.used.inset(@assessment.formula.coat) != Piece::Inset::NONE

      def plans(row)
        case row["of"]
        when "dough" then [dough(row)].compact
        when "piece" then [piece(row)]
        when "cut" then [cut(row)]
        when "below" then below(row)
        when "lining" then [lining(row)]
        when "coat" then [coated(row)]
        end
      end

      # The Touch of a row, told as its step is.
      def touch(row)
        touch = Touch::ALL.fetch(row["touch"])
        row["test"] ? touch.with(test: row["test"]) : touch
      end

      def path = @path ||= @shape.heat_path(@yielded)

      # A piece by itself.
      def alone = @alone ||= @shape.served_path(@yielded)

      # [Substance, mm] of each layer that there is something known of; those of a piece by itself.
      def depths = @depths ||= known(path)

      def depths_alone = @depths_alone ||= known(alone)

      def known(path)
        path.layers.filter_map { |depth|
          substance = @substances.of(depth.component)
          [substance, depth.mm] if substance && depth.mm.positive?
        }
      end

      def plan(row, **more)
        StepPlan.new(id: row["step"], words: row["words"], touch: touch(row), form: path.form, tin: tin, **more)
      end

      def dough(row)
        substance = @substances.of(@assessment.leading.name) or return
        StepPlan.new(id: row["step"], words: row["words"], touch: touch(row), form: "slab",
          layers: [[substance, DOUGH_MM]], judged: 0, fresh: [0])
      end

      # What is outermost, or on top, is touched; in a slab it is the newest layer, in what is round all come from the bowl.
      def piece(row)
        last = depths.size - 1
        plan(row, layers: depths, judged: last, fresh: layered? ? [last] : (0..last).to_a, small: !path.tin && path.form != "cylinder")
      end

      # Pieces of what was cut, as cold as that was.
      def cut(row)
        StepPlan.new(id: row["step"], words: row["words"], touch: touch(row), form: alone.form, layers: depths_alone,
          judged: depths_alone.size - 1, fresh: [], small: true)
      end

      # Each layer but the last before the next goes on.
      def below(row)
        return [] unless layered?

        (0...depths.size - 1).map { |at| plan(row, layers: depths.first(at + 1), judged: at, fresh: [at]) }
      end

      # They go on one after another, with time in the cold between.
      def layered? = %w[slab glass].include?(@shape.id)

      def lining(row)
        StepPlan.new(id: row["step"], words: row["words"], touch: touch(row), form: "slab",
          layers: [[coat, @need.thickness_mm]], judged: 0, fresh: [0])
      end

      # What is dipped was taken out of its tin before.
      def coated(row)
        under = dipped? ? depths_alone : depths
        StepPlan.new(id: row["step"], words: row["words"], touch: touch(row), form: dipped? ? alone.form : path.form,
          tin: (tin unless dipped?), layers: [*under, [coat, [@need.thickness_mm, THINNEST_MM].max]], judged: under.size,
          fresh: [under.size])
      end

      # A drizzle is no thinner where it lies.
      THINNEST_MM = 0.5

      # The Substance of the coat, nil without one.
      def coat = @substances.coat

      # J/(m2 K) of its tin: of the kitchen's that it is made with, a usual one where none is.
      def tin
        return unless path.tin

        tool = @assessment.formula.kitchen.equipment["tins"].find { |each| @shape.made_with?(each) }
        TINS.fetch(tool&.material || USUAL_TIN, TINS.fetch(USUAL_TIN))
      end
    end
  end
end
