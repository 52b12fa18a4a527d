# frozen_string_literal: true

module ElmCup
  module Balance
    # What the sums of a wish have been found to miss, in its own unit or in classes.
    #   off     how much more the figure came to than was reckoned; the bounds go by that
    #   inward  how far they come in beside
    #   cuts    Linears that must be at most nothing: what is known of a figure that is no sum
    Correction = Value.of(off: 0.0, inward: 0.0, cuts: [].freeze) do
      self::NONE = new
    end
  end
end
