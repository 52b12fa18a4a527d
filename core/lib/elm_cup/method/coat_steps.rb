# frozen_string_literal: true

module ElmCup
  module Method
    # What PieceSteps does of the coat: it is melted in the last of the chill, goes on in sets or over all of it, and sets; what is strewn
    # on it goes on while it is wet.
    module CoatSteps
      private

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
          after: [@start], lines: made&.pointers || [],
          facts: {what: made_of || "the chocolate", celsius: celsius, and_temper: (" and temper it" if tempered?)})
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
        step("finish", facts: {what: toppings_words}, lines: toppings.flat_map(&:pointers))
      end
    end
  end
end
