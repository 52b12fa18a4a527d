# frozen_string_literal: true

module ElmCup
  module Plan
    # One formula of a plan.
    #   document   as it is to be made, its size included      ready_by  minute that it must be there by, nil where the plan's own holds
    #   formula, version  numbers of the household's, nil where a document was given      times  how often the document that was given
    Order = Value.of(:document, ready_by: nil, formula: nil, version: nil, times: 1)
  end
end
