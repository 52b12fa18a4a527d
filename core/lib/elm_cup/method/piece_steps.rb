# frozen_string_literal: true

module ElmCup
  module Method
    # The steps from the first shaping to the box: the sequence of the shape (core/data/method_shapes.csv), as far as the formula asks for
    # each of it.
    class PieceSteps
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
        step("dry_roll", facts: {what: made_of || "what they wear"})
      end

      # What the coat is made of, in words.
      def made_of = @need&.component && words(@assessment.components.find { |part| part.name == @need.component })

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

      # What goes on all of it at the end, where it is melted.
      def add_coat
        return unless melted?
        return if @need.dipped? && @cold.any? { |each| each.id == "dip" }

        @need.dipped? ? dips : pour
        add_chill("shell")
      end

      def melted? = !@need.nil? && @need.used.melted?

      # What is dipped after it was cut.
      def add_dips = (add_coat unless @sheet.steps.any? { |each| POURED.include?(each.step) })

      POURED = %w[spread drizzle].freeze

      def tempered? = melted? && @need.work.tempered?

      def celsius = "#{@need.work.shell.bowl_c.round} °C"

      # The coat is melted in the last of the chill.
      def melt
        grams = @need.have_grams || @need.grams_with_spare
        id = @sheet.add("melt", id: @need.component || "coat", component: @need.component, count: grams / 100.0, more: tempered?,
          after: [@start], facts: {what: made_of || "the chocolate", celsius: celsius, and_temper: (" and temper it" if tempered?)})
        @sheet.change(id) { |step| step.with(wait: step.wait.with(greatest: tempered? ? 5 : 10)) }
        @last += [id]
      end

      def rewarm
        before = @last
        @last = [*before, @sheet.add("rewarm", after: [@start], facts: {celsius: celsius}, per_tray: true, trays: trays)]
      end

      def pour
        melt
        drizzled = @need.kind == "drizzle"
        step(drizzled ? "drizzle" : "spread", count: drizzled ? @count : 1, facts: {what: made_of || "the chocolate"})
        strew
      end

      def dips
        melt
        dip("dip")
        (2..@need.coats).each do |number|
          first_sets(number)
          rewarm
          dip("second_dip", id: (number if number > 2))
        end
        strew unless strewn_as_dipped?
      end

      # Minutes in which a first coat sets. Source: common practice.
      COAT_SETS = [10, 20].freeze

      # The first coat sets before the second.
      def first_sets(number)
        place = (@means.slots("freezer").positive? && !tempered?) ? "freezer" : "fridge"
        wait = Wait.new(least: COAT_SETS.last, greatest: nil, place: place, band: COAT_SETS, source: Row::PRACTICE)
        @sheet.change(@last.first) { |dipped| dipped.and_then(Row.all.fetch("put_away").hands) }
        @last = [@sheet.add("chill", id: "coat-#{number - 1}", after: @last, wait: wait, hands: Hands.none, trays: trays, per_tray: true,
          right_when: "it has gone dull", text: "Chill in the #{wait.place} until the coat has set")]
      end

      def dip(row, id: nil)
        also = (Row.all.fetch("finish") if strewn_as_dipped? && last_dip?(row))
        kind = Row.all.fetch(row)
        sizes = Sets.of(kind, @count, @need.dip_set, also: also)
        turns = Sets.minutes(kind, sizes, also: also)
        hands = kind.hands_of(turns.sum)
        in_sets = ", in sets of #{sizes.max}" if sizes.size > 1
        in_sets = "#{in_sets}, and strew #{toppings_words} on while they are wet" if also
        step(row, id: id, hands: hands, turns: turns, facts: {in_sets: in_sets})
      end

      def last_dip?(row) = (row == "dip") == (@need.coats == 1)

      # Toppings that are not the coat.
      def toppings
        @toppings ||= @assessment.components.select do |part|
          part.type.id == "topping" && part.name != @need&.component && part.contents.any?
        end
      end

      def toppings_words = words(*toppings)

      # In several sets the first would be dry before the last is dipped.
      def strewn_as_dipped?
        toppings.any? && Sets.of(Row.all.fetch("dip"), @count, @need.dip_set).size > 1
      end

      # Strewn on what is wet, within three minutes; once.
      def strew
        return if toppings.empty? || @strewn

        @strewn = true
        before = @sheet.step(@last.first)
        wet = before.wait&.place == "melt" || %w[dip second_dip spread drizzle second_pour bark].include?(before.step)
        @sheet.change(before.id) { |step| step.with(wait: (step.wait || Wait.none).with(greatest: 3, place: nil)) } if wet
        step("finish", facts: {what: toppings_words})
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
