# frozen_string_literal: true

module ElmCup
  module Plan
    # The steps of one formula as they would follow each other with nobody away: how long all of it takes, and where each step stands.
    class Strip
      # Minutes from the first start: of the hands' turn (nil where there is none), and of the wait behind it.
      Place = Value.of(:from, :to, wait_from: nil, wait_to: nil, hands: true)
      PLACEMENTS = 3_000

      # steps: kept Method::Steps in their order; means: Document::Means; serial: see Expansion.
      def initialize(steps, means, serial: false)
        @steps = steps
        @expansion = Expansion.new(steps, index: 0, name: "", means: means, serial: serial)
        @project = Project.new(mode: Project::START_AT, at: 0, tasks: @expansion.tasks, links: @expansion.stays.map(&:link),
          resources: means.resources)
        @found = Search.new(@project, placements: PLACEMENTS).best unless Contradiction.of(@project)
      end

      # Minutes of all of it; nil where it cannot be.
      def span = @found&.figures&.span

      def visits = @found&.figures&.visits

      # Id of a step => Place.
      def places
        return {} unless @found

        @places ||= hands.merge(alone)
      end

      private

      def starts = @starts ||= @project.tasks.map(&:id).zip(@found.starts).to_h

      def ends = @ends ||= @project.tasks.to_h { |task| [task.id, starts[task.id] + task.minutes] }

      # Ids of the tasks of each step.
      def tasks = @tasks ||= @expansion.items.select(&:step).group_by { |item| item.step.id }.transform_values { |items| items.map(&:id) }

      def hands
        tasks.transform_values do |ids|
          Place.new(from: ids.map { |id| starts[id] }.min, to: ids.map { |id| ends[id] }.max)
        end
      end

      # Steps that need nobody lie between those around them.
      def alone
        @steps.reject(&:hands_on?).to_h do |step|
          stay = @expansion.stays.find { |each| each.words == step.text }
          from = stay ? ends[stay.link.from] : 0
          [step.id, Place.new(from: from, to: from, wait_from: from, wait_to: stay ? starts[stay.link.to] : from, hands: false)]
        end
      end
    end
  end
end
