# frozen_string_literal: true

module ElmCup
  module Plan
    # A wait of a plan: the Link it is, the Method::Wait that it comes from, what waits, in words.
    Stay = Value.of(:link, :wait, :words) do
      # The same Link with the early end of what it takes.
      def early = link.with(least: [wait.early, link.least].min)
    end
  end
end
