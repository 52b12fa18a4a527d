# frozen_string_literal: true

module ElmCup
  module Balance
    # What a part offers and takes, each a Linear: the leads P and Q of the supply were there sugar enough for all free water, by how much
    # that is too much where there is less sugar (below nothing where there is enough), the demand, and how far pulp leads fat.
    # Source: docs/model.md, Binding, "Linear, for Balance".
    Sides = Value.of(:p, :q, :excess, :demand, :lead) do
      # The same leads where sugar falls short.
      def short_p = p.less(excess, 1.0)

      def short_q = q.less(excess, 1.0)

      # The texture number where the amounts weigh `grams`; nil where there is nothing dry, or nothing that binds.
      def number(grams)
        supply = [p.at(grams), q.at(grams)].max - [excess.at(grams), 0.0].max
        dry = demand.at(grams)
        Binding::Texture.number(supply / dry) if supply.positive? && dry.positive?
      end
    end
  end
end
