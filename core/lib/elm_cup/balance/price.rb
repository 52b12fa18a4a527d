# frozen_string_literal: true

module ElmCup
  module Balance
    # How far one wish must give way so that the others can be had.
    class Price
      ROUNDS = 12
      HALVINGS = 12
      # A price is said with so many digits of what is given way.
      DIGITS = 3
      GAIN = 1e-7
      # A price may be so much of what is given way above the least one.
      NEAR = 0.002
      # to: a Float, a texture id, or nil where the wish must go; known: it was reckoned in the time; enough: with it everything else that
      # is wished can be had, not only what it clashes with here.
      Relaxation = Value.of(:wish, :to, known: true, enough: true)

      # question: Question; others: the wishes that stay.
      def initialize(question, wish, others)
        @question = question
        @wish = wish
        @others = others
      end

      # Relaxation; nil where the others cannot be had even without it.
      def relaxed
        return Relaxation.new(wish: @wish, to: nil, known: false) if @question.pace.over?
        return unless @question.possible?(@others)

        to = alternatives ? nearest : figure
        Relaxation.new(wish: @wish, to: to, known: !to.nil? || !priced?)
      end

      private

      # What it would have to give can be said: it has other values to choose from, or a figure that is a sum.
      def priced? = !alternatives.nil? || !@wish.ratio(Rows.new(@question.situation)).nil?

      def alternatives = @alternatives ||= @wish.alternatives

      # The value of the nearest other wish that can be had, the drier texture first.
      def nearest = alternatives.find { |other| @question.possible?(@others + [other]) }&.value

      def figure
        return unless priced?

        @wish.size? ? size : rounded([below, above].compact.min_by { |value| (value - @wish.value).abs })
      end

      # The least that the figure can be, where it may be too high; the most, where it may be too low.
      def below = (extreme(1.0) if @wish.op != ">=")

      def above = (extreme(-1.0) if @wish.op != "<=")

      # Dinkelbach's method: the least of a ratio by a few linear programmes.
      def extreme(sign)
        problem = @question.problem(@others)
        ratio = @wish.ratio(problem.rows) or return
        value = nil
        ROUNDS.times do
          grams = best(problem, ratio, value, sign) or return value
          reached = ratio.at(grams) or return value
          return value if value && sign * (value - reached) <= GAIN * [value.abs, 1].max

          value = reached
        end
        value
      end

      def best(problem, ratio, value, sign)
        linear = value ? ratio.over.less(ratio.under, value) : ratio.over.less(ratio.under, @wish.value)
        coefficients, offset = problem.in_columns(linear * sign)
        solution = Solver.solve(problem.program.with_cost(coefficients, offset), seconds: @question.pace.left,
          gap: gap(problem, ratio, value))
        problem.grams_at(solution.values) if solution.found? && solution.status == :optimal
      end

      # In units of the sum that is minimised: the figure times what it is over.
      def gap(problem, ratio, value)
        under = ratio.under.at(problem.situation.all.map(&:grams))
        [NEAR * ((value || @wish.value * 0.9) - @wish.value).abs * under / 2, GAIN].max
      end

      # = gives way by the share of it that = allows, too.
      def rounded(value)
        return unless value

        away = value - @wish.value
        return @wish.value if away.abs < GAIN

        away -= (away <=> 0) * Wish::Figure::SAME * @wish.value if @wish.op == "="
        digits = DIGITS - 1 - Math.log10(away.abs).floor
        up = (away.abs * 10**digits).ceil / 10.0**digits
        (@wish.value + (away.positive? ? up : -up)).round(9)
      end

      # A size sets out from another bowl for each bound, so it is sought by halving between what cannot be had and what is; where the
      # others move what is, at the least and the most that they allow.
      def size
        now = @question.now(@wish)
        (now && possible?(whole(now))) ? halved(whole(now)) : allowed
      end

      def halved(can)
        cannot = @wish.value
        HALVINGS.times do
          return if @question.pace.over?

          middle = whole((cannot + can) / 2.0)
          break if middle == cannot || middle == can

          possible?(middle) ? can = middle : cannot = middle
        end
        can
      end

      # Whole pieces are a few fewer where each flavour loses some.
      def allowed
        value = [below, above].compact.min_by { |each| (each - @wish.value).abs } or return
        sizes = @wish.in_pieces? ? ((value - @question.situation.pieces.shares.size).floor..value.ceil)
          .to_a : [value.round(1), value.floor(1), value.ceil(1)]
        sizes.select(&:positive?).uniq.sort_by { |each| (each - @wish.value).abs }.find { |each| possible?(each) }
      end

      def possible?(size) = @question.possible?(@others + [@wish.at(size)])

      def whole(value) = @wish.in_pieces? ? value.round : value.round(1)
    end
  end
end
