# frozen_string_literal: true

module ElmCup
  module Plan
    # One thing that is done in one go, or a mark of 0 minutes.
    #   minutes   whole minutes it takes      uses  resource => how many of it, all the while
    #   ready_by  minute that it must be over by, nil where the project's own holds      pin  minute that it starts at, nil where it is free
    #   past      it was done, or is being done: it starts at its pin, and nothing is asked of it any more
    Task = Value.of(:id, :minutes, uses: {}.freeze, ready_by: nil, pin: nil, past: false) do
      # A pair of hands is at it.
      def hands_on? = uses.key?(Project::HANDS)
    end
  end
end
