# frozen_string_literal: true

module ElmCup
  module Balance
    # The lines P and Q of a part's supply, its demand, and how far pulp leads fat, each a Linear.
    Sides = Value.of(:p, :q, :demand, :lead) do
      # The texture number where the amounts weigh `grams`; nil where there is nothing dry, or nothing that binds.
      def number(grams)
        supply = [p.at(grams), q.at(grams)].max
        dry = demand.at(grams)
        Binding::Texture.number(supply / dry) if supply.positive? && dry.positive?
      end
    end
  end
end
