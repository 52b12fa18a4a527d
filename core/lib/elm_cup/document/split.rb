# frozen_string_literal: true

module ElmCup
  module Document
    # A flavour: a share of a finished component that gets pieces of its own folded in and a topping strewn on.
    #   base     index of the component it is of     share  of that, exact, 0 to 1
    #   folded, topping  Parts     pointer  its place in the document
    Split = Value.of(:name, :share, :base, :folded, :topping, :pointer)
  end
end
