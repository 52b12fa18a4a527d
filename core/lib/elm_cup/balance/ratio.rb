# frozen_string_literal: true

module ElmCup
  module Balance
    # A figure that is one sum over another, such as kilocalories over pieces.
    Ratio = Value.of(:over, :under) do
      # Its value at `grams`; nil where there is nothing to divide by.
      def at(grams)
        under = self.under.at(grams)
        under.positive? ? over.at(grams) / under : nil
      end
    end
  end
end
