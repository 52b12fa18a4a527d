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
      def goes?(amount) = wishes.any? { |wish| wish.forbids?(amount.entry, heated: amount.heated) }

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

      # max(P, Q) <= hi D
      def most(program, name, sides, hi)
        add(program, name, sides.p.less(sides.demand, hi), upper: 0.0)
        add(program, name, sides.q.less(sides.demand, hi), upper: 0.0)
      end

      # max(P, Q) >= lo D: one of two, told by a binary; none where one of them is always the larger.
      def least(program, name, sides, lo)
        least_lead, most_lead = span(sides.lead)
        p = sides.p.less(sides.demand, lo)
        q = sides.q.less(sides.demand, lo)
        return add(program, name, p, lower: 0.0) if least_lead >= 0
        return add(program, name, q, lower: 0.0) if most_lead <= 0

        which = program.column("lead of #{name}", cost: 0.0, upper: 1)
        under_p, under_q = [p, q].map { |line| [-span(line).first, 0.0].max }
        add(program, name, p, lower: 0.0, also: {which => under_p})
        add(program, name, q, lower: -under_q, also: {which => -under_q})
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
