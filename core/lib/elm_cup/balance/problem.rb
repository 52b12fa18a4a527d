# frozen_string_literal: true

module ElmCup
  module Balance
    # A Situation with some wishes as a Program: which amounts may move, what moving them costs, what must hold.
    class Problem
      # So much of the batch is left, whatever goes.
      LEFT = 0.25

      # situation: Situation; wishes: Wish::Kinds; rows: Rows of the situation
      attr_reader :situation, :wishes, :rows

      # corrections: wish text => Correction; all: whole classes of texture, not their middles.
      # near: textures that hold keep within so many classes of where they are.
      def initialize(situation, wishes, corrections: {}, all: false, near: nil)
        @near = near
        @situation = situation
        @wishes = wishes
        @corrections = corrections
        @all = all
        @rows = Rows.new(situation)
        @amounts = situation.all
      end

      # The Program of least change that is none of the `earlier` Changes.
      def program(earlier: [])
        @program ||= build
        return @program if earlier.empty?

        build.tap { |other| earlier.each_with_index { |change, at| part_from(other, change, at) } }
      end

      # Moves of every amount, in the order of the Situation's amounts and candidates.
      def moves
        program
        @moves
      end

      # Cost and offset of a Linear in the columns: [{column => Float}, Float].
      def in_columns(linear)
        coefficients = Hash.new(0.0)
        constant = linear.constant
        moves.each do |move|
          per_gram = linear.per_gram[move.at]
          next if per_gram.zero?

          pairs, fixed = move.grams
          constant += per_gram * fixed
          pairs.each { |column, grams| coefficients[column] += per_gram * grams }
        end
        [coefficients, constant]
      end

      # Grams of every amount at the values of a Solution.
      def grams_at(values)
        moves.map do |move|
          pairs, fixed = move.grams
          fixed + pairs.sum { |column, grams| grams * values[column].round }
        end
      end

      # The Amount must go for these wishes.
      def goes?(amount) = wishes.any? { |wish| amount.forbidden_by?(wish) }

      # A wish of these that the Amount may not move.
      def locked?(amount) = wishes.any? { |wish| wish.locks?(amount.entry, situation.parts[amount.part].name) }

      # The Correction of a wish; what wishes say of the sums goes by it.
      def correction(wish) = @corrections.fetch(wish.text, Correction::NONE)

      # A wish says that a Ratio is from `lower` to `upper`, nil for no end: over <= upper * under, and the like below. What holds already
      # may stay where it is. A Ratio of nil cannot be said, and is granted by nothing.
      def bound(wish, ratio, lower: nil, upper: nil)
        return @program.row("#{wish.text} cannot be said", {}, lower: 1.0) unless ratio

        now = situation.met[wish.text]
        add(@program, wish.text, ratio.over.less(ratio.under, [upper, now].compact.max), upper: 0.0) if upper
        add(@program, wish.text, ratio.over.less(ratio.under, [lower, now].compact.min), lower: 0.0) if lower
      end

      # A wish says that a Linear is at most nothing.
      def at_most_nothing(wish, linear) = add(@program, wish.text, linear, upper: 0.0)

      # A wish for so many pieces, of bowls that are shaped each for itself: each gives whole pieces, and all of them together are as many
      # as is wished.
      def pieces_apart(wish)
        by = correction(wish)
        counts = rows.pieces_apart.each_with_index.map do |pieces, bowl|
          count = @program.column("#{wish.text} of #{bowl}", cost: 0.0, upper: [span(pieces).last.floor + 1, 0].max)
          add(@program, "#{wish.text} of #{bowl}", pieces, lower: by.inward, upper: 1 - Rows::OPEN - by.inward, also: {count => -1.0})
          count
        end
        least = (wish.op == "<=") ? -Float::INFINITY : wish.value
        most = (wish.op == ">=") ? Float::INFINITY : wish.value
        @program.row(wish.text, counts.to_h { |count| [count, 1.0] }, lower: least, upper: most)
      end

      # A wish for a texture, or one from the first to the last of two (see Wish::Texture).
      def texture(wish)
        part = situation.part_of(wish) or return @program.row("#{wish.text} cannot be said", {}, lower: 1.0)
        sides = rows.sides(part)
        from, to = window(wish)
        most(@program, wish.text, sides, Binding::Texture.saturation(to)) if to
        least(@program, wish.text, sides, from ? Binding::Texture.saturation(from) : 0.0) if from
        # Something must be there to bind.
        add(@program, "#{wish.text} has a dry side", sides.demand, lower: 0.01)
      end

      private

      def build
        program = Program.new
        @program = program
        @moves = Moves.new(program, @amounts, goes: method(:goes?), locked: method(:locked?)).all
        add(program, "something is left", rows.whole("one"), lower: LEFT * situation.amounts.sum(&:grams))
        limit(program)
        water(program)
        wishes.each { |wish| wish.constrain(self) }
        program
      end

      # No more of an ingredient than there is, and no larger a share of everything than it may be.
      def limit(program)
        @amounts.filter_map { |amount| [amount.entry.id, amount.cap_grams] if amount.cap_grams }.uniq.each do |id, grams|
          add(program, "there is no more of #{id}", rows.of_ingredient(id), upper: grams)
        end
        situation.shares.each { |id, share|
          add(program, "share of #{id}", rows.of_ingredient(id).less(rows.whole("one"), share), upper: 0.0)
        }
      end

      # Water that comes into a part without any goes where there is sugar or pulp to take it. Source: docs/model.md, Dose rules, 2.
      def water(program)
        situation.parts.each_index do |part|
          helpers = @amounts.each_index.select { |at|
            @amounts[at].role == :helper && @amounts[at].part == part && Helpers::WATER.key?(@amounts[at].entry.like)
          }
          next if helpers.empty? || situation.parts[part].watery

          shares = @amounts.each_index.map { |at| helpers.include?(at) ? Helpers::WATER.fetch(@amounts[at].entry.like) : 0.0 }
          taken = rows.loose_sugar(part) * Binding::DoseSteps::WATER_A_GRAM_OF_SUGAR
          add(program, "water into part #{part}", Linear.new(shares).less(taken, 1.0), upper: 0.0)
        end
      end

      def add(program, name, linear, lower: -Float::INFINITY, upper: Float::INFINITY, also: {})
        coefficients, constant = in_columns(linear)
        program.row(name, coefficients.merge(also) { |_, one, other| one + other }, lower: lower - constant, upper: upper - constant)
      end

      def window(wish)
        now = situation.met[wish.text]
        return [now - @near, now + @near] if @near && now

        from, to = rows.window(wish.textures, all: @all)
        by = correction(wish)
        from, to = [from && from - by.off + by.inward, to && to - by.off - by.inward]
        now ? [from && [from, now].min, to && [to, now].max] : [from, to]
      end

      # max(P, Q) <= hi D where F is the lesser of two lines: both leads by one of the lines, told by a binary; none where one line is
      # always the lesser.
      def most(program, name, sides, hi)
        least, most = span(sides.excess)
        enough = [sides.p, sides.q].map { |lead| lead.less(sides.demand, hi) }
        short = [sides.short_p, sides.short_q].map { |lead| lead.less(sides.demand, hi) }
        return enough.each { |line| add(program, name, line, upper: 0.0) } if most <= 0
        return short.each { |line| add(program, name, line, upper: 0.0) } if least >= 0

        which = program.column("sugar of #{name}", cost: 0.0, upper: 1)
        enough.each { |line| add(program, name, line, upper: 0.0, also: {which => -most}) }
        short.each { |line| add(program, name, line, upper: -least, also: {which => -least}) }
      end

      # max(P, Q) >= lo D: one lead by both lines of F, the lead told by a binary; none where one of them is always the larger. The lead
      # falls short of the other by lambda times what pulp and fat differ: no more has to be let go.
      def least(program, name, sides, lo)
        least_lead, most_lead = span(sides.lead)
        p = lines(sides, sides.p, sides.short_p, lo)
        q = lines(sides, sides.q, sides.short_q, lo)
        return p.each { |line| add(program, name, line, lower: 0.0) } if least_lead >= 0
        return q.each { |line| add(program, name, line, lower: 0.0) } if most_lead <= 0

        which = program.column("lead of #{name}", cost: 0.0, upper: 1)
        under_p, under_q = [-least_lead, most_lead].map { |lead| Binding::Saturation::LAMBDA * lead }
        p.each { |line| add(program, name, line, lower: 0.0, also: {which => under_p}) }
        q.each { |line| add(program, name, line, lower: -under_q, also: {which => -under_q}) }
      end

      # A lead over lo D by each of the two lines of F that can be the lesser.
      def lines(sides, enough, short, lo)
        least, most = span(sides.excess)
        [(enough if least < 0), (short if most > 0)].compact.then { |lines| lines.empty? ? [enough] : lines }
          .map { |line| line.less(sides.demand, lo) }
      end

      # The least and the most that a Linear can come to within the columns' bounds.
      def span(linear)
        coefficients, constant = in_columns(linear)
        ends = coefficients.map { |column, value| [value * @program.columns[column].lower, value * @program.columns[column].upper].minmax }
        [constant + ends.sum(&:first), constant + ends.sum(&:last)]
      end

      # Not all of an earlier answer's amounts may change again together.
      def part_from(program, change, number)
        moved = change.filter_map { |at| moves[at] if moves[at].columns.any? }
        return program.row("nothing else than answer #{number}", {}, lower: 1.0) if moved.empty?

        signs = moved.map { |move| move.comes || changed(program, move, number) }
        program.row("another than answer #{number}", signs.to_h { |column| [column, 1.0] }, upper: signs.size - 1.0)
      end

      def changed(program, move, number)
        sign = program.column("changed #{move.at} #{number}", cost: 0.0, upper: 1)
        [move.up, move.down].each do |column|
          upper = program.columns[column].upper
          program.row("changed #{move.at} #{number}", {column => 1.0, sign => -upper}, upper: 0.0) if upper.positive?
        end
        sign
      end
    end
  end
end
