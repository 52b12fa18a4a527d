# frozen_string_literal: true

module ElmCup
  module Plan
    # The wait between the end of one task and the start of another: a wait is a link, so that a tray holds its slot until somebody
    # takes it out.
    #   from, to         ids of tasks       least, greatest  minutes, greatest nil where it may be as long as it likes
    #   keeps            resource => how many of it, from the end of the one to the start of the other
    Link = Value.of(:from, :to, least: 0, greatest: nil, keeps: {}.freeze) do
      # How both are told apart from other links.
      def ends = [from, to]
    end
  end
end
