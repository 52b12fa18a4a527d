# frozen_string_literal: true

module ElmCup
  module Cold
    # A step before it is reckoned: what lies where in the cold, and what of it is touched.
    #   id, words, touch   as in Step
    #   form, layers       [Substance, mm] from the foot up or the heart outwards      judged  index of the layer that is touched
    #   tin                J/(m2 K) of the tin it stands in, nil without one
    #   fresh              indices of layers that come from the bowl now: the others are as cold as the step before left them
    #   small              it stands apart, several of them close together
    StepPlan = Value.of(:id, :words, :touch, :form, :layers, :judged, :fresh, tin: nil, small: false) do
      def substance = layers[judged].first
    end
  end
end
