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
      # How far a pin or a window is moved in search of one: minute by minute, then by fives.
      STEPS = [*1..10, *(15..180).step(5)].freeze
      MOST_SLOTS = 3

      # Demands of a project without a plan; empty where it has none even without all of them.
      def self.of(project) = new(project).demands

      def initialize(project)
        @project = project
      end

      # Demands, none of which can be left out.
      def demands
        left = all
        return [] unless plan?(without(left))

        left.dup.each { |demand| left -= [demand] unless plan?(without(all - (left - [demand]))) }
        needed = left
        needed.map { |demand| demand.with(nearest: nearest(demand)) }
      end

      private

      def plan?(project) = Search.new(project).any?

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

      def nearest(demand) = values(demand).find { |value| plan?(set(@project, demand, value)) }

      def values(demand)
        case demand.kind
        when :pin then STEPS.flat_map { |minutes| [demand.now + minutes, demand.now - minutes] }
        when :window then STEPS.map { |minutes| demand.now + minutes }
        when :place then (1..MOST_SLOTS).map { |more| demand.now + more }
        when :away then STEPS.map { |minutes| demand.now - minutes }.take_while(&:positive?)
        end
      end
    end
  end
end
