# frozen_string_literal: true

module ElmCup
  module Balance
    # One amount's columns: gone, up, down, comes (whether it comes in), count; nil where it has none.
    Move = Value.of(:amount, :at, gone: false, fixed: false, up: nil, down: nil, comes: nil, count: nil) do
      # The columns of it.
      def columns = [up, down, comes, count].compact

      # Grams as [column, grams a step] pairs and a constant.
      def grams
        return [[], 0.0] if gone
        return [[], amount.grams] if fixed
        return [[[count, amount.steps.step_grams]], 0.0] if count

        moved = [[up, amount.steps.step_grams], [down, -amount.steps.step_grams]]
        comes ? [[[comes, amount.steps.grams.to_f], *moved], 0.0] : [moved, amount.grams]
      end
    end
  end
end
