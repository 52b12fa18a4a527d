# frozen_string_literal: true

module ElmCup
  module Plan
    # Why no plan was found: the demands that clash, each with the nearest value of it that has a plan where all others stay.
    class Clash
      # One demand.
      #   kind    :pin, :away, :window or :place
      #   what    id of the task; [from, to] of the absence; Link#ends; name of the resource
      #   now     what is asked for: the minute, the minutes, how many
      #   nearest what has a plan instead; nil where none was found
      Demand = Value.of(:kind, :what, :now, nearest: nil)
      # How far a pin is moved in search of one: minute by minute, then by fives, then by halves of an hour.
      STEPS = [*1..10, *(15..60).step(5), *(90..720).step(30)].freeze
      # A window or an absence is changed by at most so many minutes.
      FARTHEST = 720
      MOST_SLOTS = 3
      # Looks for a plan that are spent on it at the most; after that what was found is told.
      MOST_LOOKS = 240

      # Demands of a project without a plan; empty where it has none even without all of them.
      def self.of(project) = new(project).demands

      def initialize(project)
        @project = project
        @looks = 0
      end

      # Demands, none of which can be left out.
      def demands
        return [] unless plan?(without(all))

        needed([], [], all).map { |demand| demand.with(nearest: nearest(demand)) }
      end

      private

      # Those of `demands` that are needed for there to be no plan, beside some that stand; fresh: those of the latter that were added last.
      # Source: QuickXplain (Junker 2004), from memory.
      def needed(standing, fresh, demands)
        return [] if fresh.any? && !plan?(without(all - standing))
        return demands if demands.size <= 1

        first, second = demands.each_slice((demands.size + 1) / 2).to_a
        of_second = needed(standing + first, first, second)
        needed(standing + of_second, of_second, first) + of_second
      end

      def plan?(project)
        return false if (@looks += 1) > MOST_LOOKS

        Search.new(project).any?
      end

      def all
        @all ||= pins + away + windows + places
      end

      def pins = @project.tasks.select { |task| task.pin && !task.past }.map { |task| Demand.new(kind: :pin, what: task.id, now: task.pin) }

      def away = (@project.blocked[Project::HANDS] || []).map { |from, to, _| Demand.new(kind: :away, what: [from, to], now: to - from) }

      def windows = @project.links.select(&:greatest).map { |link| Demand.new(kind: :window, what: link.ends, now: link.greatest) }

      def places
        (@project.resources.keys - [Project::HANDS]).select { |name| @project.links.any? { |link| link.keeps.key?(name) } }
          .map { |name| Demand.new(kind: :place, what: name, now: @project.resources[name]) }
      end

      # The project without some demands.
      def without(demands) = demands.reduce(@project) { |project, demand| set(project, demand, nil) }

      # The project with another value of a demand, nil for none at all.
      def set(project, demand, value)
        case demand.kind
        when :pin then project.with(tasks: project.tasks.map { |task| (task.id == demand.what) ? task.with(pin: value) : task })
        when :window then project.with(links: project.links.map { |link| (link.ends == demand.what) ? link.with(greatest: value) : link })
        when :place then project.with(resources: project.resources.merge(demand.what => value || (project.tasks.size + project.links.size)))
        when :away then project.with(blocked: project.blocked.merge(Project::HANDS => absences(project, demand, value)))
        end
      end

      # An absence of other minutes ends otherwise; none of it is left where nothing is said.
      def absences(project, demand, value)
        project.blocked[Project::HANDS].filter_map do |from, to, count|
          next [from, to, count] unless [from, to] == demand.what

          [from, from + value, count] if value&.positive?
        end
      end

      def nearest(demand)
        case demand.kind
        when :pin then STEPS.flat_map { |minutes| [demand.now + minutes, demand.now - minutes] }.find { |value| goes?(demand, value) }
        when :place then (1..MOST_SLOTS).map { |more| demand.now + more }.find { |value| goes?(demand, value) }
        when :window then least(FARTHEST) { |minutes| goes?(demand, demand.now + minutes) }&.then { |minutes| demand.now + minutes }
        when :away then least(demand.now - 1) { |minutes| goes?(demand, demand.now - minutes) }&.then { |minutes| demand.now - minutes }
        end
      end

      def goes?(demand, value) = plan?(set(@project, demand, value))

      # The least minutes, at most so many, for which the block is true; more of them never make it false.
      def least(most)
        low, high = 0, 1
        low, high = high, [high * 2, most].min until high >= most || yield(high)
        return if high > most || (high == most && !yield(high))

        (low + 1..high).bsearch { |minutes| yield(minutes) }
      end
    end
  end
end
