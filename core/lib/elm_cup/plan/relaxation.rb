# frozen_string_literal: true

module ElmCup
  module Plan
    # What one more slot, nobody away, or one more pair of hands would give, each alone and two together.
    class Relaxation
      # limit: words such as "freezer" or "freezer+away"; to: how many there would be, nil where that is no number
      # start, ready: minutes of the plan's first start and last end
      Gain = Value.of(:limit, :to, :start, :ready)

      # project: a solved Project; figures: Criteria::Figures of its plan; asleep: [[from, to, count], …] of the hands that stay: nobody is
      # asked to get up at night.
      def initialize(project, figures, asleep: [])
        @project = project
        @figures = figures
        @asleep = asleep
      end

      # Gains that are shorter, or less late, than the plan, and those of two that are shorter than each alone; nobody away is said even
      # where it gains nothing, since that is what a cook asks first.
      def gains
        single = changes.map { |change| [[change], gain([change])] }
        pairs = changes.combination(2).map { |pair| [pair, gain(pair)] }
        alone = single.to_h { |changes, found| [changes.first, found] }
        told = single.select { |(change), found| found && (better?(found, @figures) || change.first == "away") }
        told += pairs.select { |pair, found|
          found && better?(found, @figures) && pair.all? { |change|
            alone[change].nil? || better?(found, alone[change].figures)
          }
        }
        told.map { |changes, found| said(changes, found) }
      end

      private

      # [name, how many there would be or nil].
      def changes
        @changes ||= kept.map { |name| [name, @project.resources[name] + 1] } +
          (away? ? [["away", nil]] : []) + [[Project::HANDS, @project.resources[Project::HANDS] + 1]]
      end

      # Somebody is away who could be there.
      def away? = (@project.blocked[Project::HANDS].to_a - @asleep).any?

      def kept = %w[freezer fridge].select { |name| @project.links.any? { |link| link.keeps.key?(name) } }

      def gain(changes)
        project = changes.reduce(@project) do |changed, (name, count)|
          next changed.with(blocked: changed.blocked.merge(Project::HANDS => @asleep)) if name == "away"

          changed.with(resources: changed.resources.merge(name => count))
        end
        Search.new(project).best
      end

      def better?(found, than)
        figures = found.respond_to?(:figures) ? found.figures : found
        ([figures.late, figures.span] <=> [than.late, than.span]).negative?
      end

      def said(changes, found)
        ends = found.starts.each_with_index.map { |start, task| start + @project.tasks[task].minutes }
        Gain.new(limit: changes.map(&:first).join("+"), to: ((changes.size == 1) ? changes.first.last : nil),
          start: found.starts.min, ready: ends.max)
      end
    end
  end
end
