# frozen_string_literal: true

module ElmCup
  module Plan
    # The least that any plan can take, without looking for one: by the links and what is closed, and by what the hands have to do.
    module Bound
      # Minutes of span; nil where no task can ever be. network: of the direction that is solved; floors, heads: its earliest starts.
      def self.span(network, floors, heads)
        last = (0...network.size).map { |task| heads[task] + network.minutes[task] }.max
        [last, hands(network, heads)].compact.max - floors.min
      end

      # The minute at which the work of all hands is over, and the shortest wait behind it; nil where there is none.
      def self.hands(network, heads)
        resource = network.resource(Project::HANDS) or return
        turns = (0...network.size).select { |task| network.pins[task].nil? && network.uses[task].any? { |used, _| used == resource } }
        return if turns.empty?

        work = turns.sum { |task| network.minutes[task] * network.uses[task].find { |used, _| used == resource }.last }
        over = network.profiles[resource].work(work, turns.map { |task| heads[task] }.min)
        over && over + turns.map { |task| network.tails[task] }.min
      end
      private_class_method :hands
    end
  end
end
