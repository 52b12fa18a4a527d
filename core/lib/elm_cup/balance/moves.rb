# frozen_string_literal: true

module ElmCup
  module Balance
    # The columns that amounts move by, and what moving them costs.
    class Moves
      # What each step of a helper costs beside its coming in. Source: docs/model.md, Balance.
      HELPER_STEP = 0.01
      # What a line that goes costs, of which a stand-in saves it.
      GONE = 1.0

      # goes, locked: whether an Amount must go, or may not move.
      def initialize(program, amounts, goes:, locked:)
        @program = program
        @amounts = amounts
        @goes = goes
        @locked = locked
      end

      # A Move of every amount, in their order.
      def all
        @amounts.each_with_index.map { |amount, at| move(amount, at) }.tap { |moves| one_stand_in_each(moves) }
      end

      private

      def move(amount, at)
        return line(amount, at) if amount.line?
        return Move.new(amount: amount, at: at, gone: true) if @goes.call(amount) || @locked.call(amount) ||
          (amount.instead_of && !line_goes?(amount.instead_of))

        amount.instead_of ? stand_in(amount, at) : helper(amount, at)
      end

      # A lock says that a line stays, and that no more of it comes in; one that must go and may not move makes the wishes impossible.
      def line(amount, at)
        if @goes.call(amount)
          @program.row("#{amount.name} must go and is locked", {}, lower: 1.0) if @locked.call(amount)
          @program.add_offset(GONE)
          return Move.new(amount: amount, at: at, gone: true)
        end
        down, up = @locked.call(amount) ? [0, 0] : amount.range
        return Move.new(amount: amount, at: at, fixed: true) if down.zero? && up.zero?

        cost = (amount.steps.step / amount.steps.start).to_f
        columns = {up: @program.column("up #{at}", cost: cost, upper: up), down: @program.column("down #{at}", cost: cost, upper: down)}
        columns.each_value { |column| @program.option(column) }
        Move.new(amount: amount, at: at, **columns)
      end

      def helper(amount, at)
        comes = @program.column("in #{at}", cost: amount.come_cost, upper: 1)
        most = amount.range.last
        count = @program.column("steps #{at}", cost: HELPER_STEP, upper: most)
        @program.row("in #{at}", {count => 1.0, comes => -most.to_f}, upper: 0.0)
        @program.option(comes, count)
        Move.new(amount: amount, at: at, comes: comes, count: count)
      end

      def stand_in(amount, at)
        comes = @program.column("in #{at}", cost: amount.come_cost - GONE, upper: 1)
        cost = (amount.steps.step / amount.steps.start).to_f
        most_down, most_up = amount.range
        up, down = [["up", most_up], ["down", most_down]].map do |way, most|
          column = @program.column("#{way} #{at}", cost: cost, upper: most)
          @program.row("#{way} #{at}", {column => 1.0, comes => -most.to_f}, upper: 0.0) if most.positive?
          column
        end
        @program.option(comes, up, down)
        Move.new(amount: amount, at: at, comes: comes, up: up, down: down)
      end

      def line_goes?(id) = @goes.call(@amounts.find { |amount| amount.id == id })

      # One stand-in for a line at the most.
      def one_stand_in_each(moves)
        moves.select { |move| move.amount.instead_of && move.comes }.group_by { |move| move.amount.instead_of }.each do |id, moves|
          @program.row("one instead of #{id}", moves.to_h { |move| [move.comes, 1.0] }, upper: 1.0)
        end
      end
    end
  end
end
