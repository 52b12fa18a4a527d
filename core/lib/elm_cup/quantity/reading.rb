# frozen_string_literal: true

module ElmCup
  module Quantity
    # What a typed line says, before anyone asks what the ingredient is.
    #   terms         Terms to be summed; empty when the line gives no amount
    #   weight        a Term of mass in brackets that wins over the terms, or nil
    #   name          the ingredient's words
    #   alternative   what stood behind "or" and is not used, nil where nothing did
    #   preparations  what stood after a comma or in brackets
    #   flags         :to_taste, :optional, :as_needed, :divided, :packed, :loose
    #   aside         Numbers that say an amount again and only follow it when the line is scaled
    #   notes         what was understood but not used, in words
    #   fault         Fault when the line cannot be read
    Reading = Value.of(:text, terms: [], weight: nil, name: "", alternative: nil, preparations: [], flags: [], notes: [], aside: [],
      fault: nil) do
      # It has no fault.
      def readable? = fault.nil?

      # It says that the measure is filled by pressing.
      def packed? = flags.include?(:packed)

      # The line again with every amount times `factor`, else as typed. Exact: scaling by k and then 1/k gives the amounts back.
      def scaled_text(factor)
        numbers = terms.flat_map(&:numbers) + (weight ? weight.numbers : []) + aside
        Rewrite.call(text, numbers) { |number| number.value * factor }
      end
    end
  end
end
