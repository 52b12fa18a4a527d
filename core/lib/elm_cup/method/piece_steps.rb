# frozen_string_literal: true

module ElmCup
  module Method
    # The steps from the first shaping to the box: the sequence of the shape (core/data/method_shapes.csv), as far as the formula asks for
    # each of it.
    class PieceSteps
      include CoatSteps

      SEQUENCES = DataTable.rows("method_shapes").to_h { |row| [row["shape"], row["sequence"].split.freeze] }.freeze
      # Steps that are done to all of it at once, before it lies on trays.
      WHOLE = %w[log slice].freeze
      # A roll lies on no tray before it is cut.
      WHOLE_SHAPE = "log"

      # sheet: Sheet; assessment: Assessment; ready: name of a part => id of its last step; start: id of the first step; baked: it is to
      # be baked.
      def initialize(sheet, assessment, ready, start, baked:)
        @sheet = sheet
        @assessment = assessment
        @formula = assessment.formula
        @means = @formula.kitchen.means
        @ready = ready
        @start = start
        @baked = baked
        @need = assessment.coat.need
        @cold = assessment.section("cold").steps.dup
        @count = assessment.pieces.together.count
      end

      # Puts them all down; id of the last.
      def add
        @last = [*parts.map { |part| @ready[part.name] }].compact
        SEQUENCES.fetch(@formula.shape.id).each do |token|
          name, step = token.split(":")
          send(:"add_#{name}", *step)
        end
        @last.first
      end

      private

      def parts = @parts ||= @assessment.components.select(&:in_piece?)

      def pieces = @assessment.pieces.together.words

      def facts = {pieces: pieces, lives: (@formula.lives == "room") ? "a tin" : "the #{@formula.lives}"}

      # A step of a row after the last.
      def step(row, after: @last, facts: {}, count: @count, **rest)
        rest = {per_tray: per_tray?(row), trays: trays}.merge(rest)
        @last = [@sheet.add(row, after: after, count: count, facts: self.facts.merge(facts), **rest)]
      end

      # Where there is no room for all of it at once it is done tray by tray; a mould is knocked out before it can be used again.
      def per_tray?(row)
        !WHOLE.include?(row) && (@formula.shape.id != WHOLE_SHAPE || @sheet.steps.any? { |each| each.step == "slice" })
      end

      # How many trays all of it lies on, or how often the mould is filled.
      def trays
        @trays ||= @assessment.section("choices").rounds.select { |round| %w[tray mould].include?(round.what) }.map(&:rounds).max || 1
      end

      def add_roll = step("roll")

      def add_flatten = step("flatten")

      def add_log = step("log", count: 1)

      def add_slice = step("slice")

      def add_cut
        if @formula.lives == "freezer" && frozen?
          step("take_out")
        end
        step("cut")
      end

      # It comes out of the freezer to be cut.
      def frozen? = @sheet.step(@last.first).wait&.place == "freezer"

      def add_break = step("break")

      def add_unmould = step("unmould")

      def add_bark
        @sheet.change(@last.first) { |melt| melt.with(wait: melt.wait.with(greatest: 5)) } if @sheet.step(@last.first).step == "melt"
        step("bark")
      end

      def add_box = step("box")

      def add_dry_roll
        return unless @need && @need.kind == "roll"

        @sheet.change(@last.first) { |rolled| rolled.with(wait: rolled.wait.with(greatest: 10)) }
        step("dry_roll", facts: {what: made_of || "what they wear"}, lines: made&.pointers || [])
      end

      # What the coat is made of, in words.
      def made_of = made && words(made)

      # The Part that it is made of, nil where there is none.
      def made = @need&.component && @assessment.components.find { |part| part.name == @need.component }

      # "the cocoa nibs and the flaky salt"
      def words(*parts) = Words.of(parts.flat_map { |part| part.read_lines.map(&:first) })

      # Each layer on the one below, when that is firm.
      def add_layers
        first, *others = parts
        return unless first

        @last = [@ready[first.name]]
        step((@formula.shape.id == "glass") ? "fill" : "press", count: layer_count(first), component: first.name, id: first.name,
          facts: {what: "the #{first.name}", pieces: "the glasses with the #{first.name}"})
        others.each_with_index { |part, at| add_layer(part, at + 1) }
      end

      def add_layer(part, number)
        add_chill("layer", number: number)
        step((@formula.shape.id == "glass") ? "fill" : "next_layer", count: layer_count(part), component: part.name, id: part.name,
          after: [*@last, @ready[part.name]], facts: {what: "the #{part.name}", pieces: "the glasses with the #{part.name}"})
      end

      def layer_count(_part) = (@formula.shape.id == "glass") ? @count : 1

      # A stay in the cold that the cold asks for; putting it there is a minute of the step before.
      # What wears a tempered coat stays out of the freezer, where it would sweat.
      def add_chill(id, number: nil)
        found = @cold.find { |each| each.id == id } or return
        @cold.delete_at(@cold.index(found))
        wait = ChillWait.of(found, @means, warm: tempered? && coated?) or return
        put_away(wait.place, id, ChillWait.on_trays?(found))
        chilled(found, wait, number)
      end

      def chilled(found, wait, number)
        on_trays = ChillWait.on_trays?(found)
        trays = on_trays ? self.trays : 1
        @last = [@sheet.add("chill", id: [found.id, number].compact.join("-"), component: found.component, after: @last, wait: wait,
          source: wait.source, hands: Hands.none, trays: trays, per_tray: on_trays, right_when: found.touch_test,
          text: "Chill in the #{wait.place} #{found.words}")]
      end

      def coated? = @sheet.steps.any? { |each| each.uses.include?("melt") && each.wait&.place != "melt" }

      def put_away(place, id, on_trays)
        before = @sheet.step(@last.first)
        if before.hands_on?
          @sheet.change(before.id) { |step| step.and_then(Row.all.fetch("put_away").hands) }
        else
          step("put_away", count: 1, facts: {place: place}, id: id, per_tray: on_trays)
        end
      end

      # The shell of cups and moulds before they are filled.
      def add_lining
        return unless @cold.any? { |each| each.id == "lining" }

        @last = [@start]
        melt
        step("first_pour")
        add_chill("lining")
        @last += parts.filter_map { |part| @ready[part.name] }
      end

      def add_fill = step("fill", facts: {pieces: parts.empty? ? pieces : "them with the #{parts.map(&:name).join(", then the ")}"})

      def add_second_pour
        return add_coat unless @sheet.steps.any? { |each| each.step == "first_pour" }

        rewarm
        step("second_pour")
        strew
        add_chill("shell")
      end

      # Where nothing wet goes on, they are strewn on what is shaped.
      def add_strew
        strew unless @need&.used&.melted? || toppings.empty?
      end

      def add_bake
        return unless @baked

        step("bake", count: 1)
        @last = [@sheet.add("cool", id: "baked", after: @last)]
      end
    end
  end
end
