# frozen_string_literal: true

module ElmCup
  module Fat
    # A blend at one temperature.
    #   share        0 to 1: how much of it is solid      tau_minutes  how slowly what is solid sets, 0 where nothing is
    SolidFat = Value.of(:share, :tau_minutes)
  end
end
