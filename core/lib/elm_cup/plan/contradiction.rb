# frozen_string_literal: true

module ElmCup
  module Plan
    # What of a project can never be, whenever it is begun: proof, not a search that found nothing.
    #   code    :circle of steps that wait for each other, :never_together of waits that leave no time, :never_room of what needs more than
    #           there is, :too_long of a task that is longer than any stretch
    #   facts   name => what its words are made with
    Contradiction = Value.of(:code, :facts) do
      # Of a project; nil where there is none. horizon: [from, to], minutes between which there must be a stretch for each task.
      def self.of(project, horizon: nil)
        Contradictions.new(project, horizon).first
      end
    end

    # Looks for them, one kind after the other.
    class Contradictions
      def initialize(project, horizon)
        @project = project
        @horizon = horizon
      end

      # A Contradiction; nil where there is none.
      def first = circle || room || together || stretch

      private

      def network = @network ||= Network.new(@project)

      def ids(tasks) = tasks.map { |task| @project.tasks[task].id }

      def found(code, **facts) = Contradiction.new(code: code, facts: facts)

      # Steps that wait for each other.
      def circle
        left = (0...network.size).to_a - network.order
        return if left.empty?

        way = [left.first]
        way << network.ins[way.last].map(&:first).find { |before| left.include?(before) } until way.uniq.size < way.size
        found(:circle, tasks: ids(way.drop(way.index(way.last))).reverse)
      end

      # More is needed than there is at all: by a task, or by the wait between two.
      def room
        @project.tasks.each { |task| over(task.uses) { |facts| return found(:never_room, task: task.id, **facts) } }
        @project.links.select { |link| link.least.positive? }.each do |link|
          over(link.keeps) { |facts| return found(:never_room, task: link.from, to: link.to, **facts) }
        end
        nil
      end

      def over(counts)
        counts.each do |name, count|
          most = @project.resources.fetch(name, 0)
          yield({resource: name, needs: count, has: most}) if count > most
        end
      end

      # Waits that must not be longer than others must be: longest ways that come back to where they began.
      def together
        edges = @project.links.flat_map { |link| edges_of(link) }
        far = Hash.new(0)
        came = {}
        moved = []
        @project.tasks.size.times do
          moved = edges.select do |from, to, minutes|
            next unless far[from] + minutes > far[to]

            far[to] = far[from] + minutes
            came[to] = from
          end
          return if moved.empty?
        end
        cycle(came, moved.first[1])
      end

      def edges_of(link)
        minutes = by_id[link.from].minutes
        forth = [link.from, link.to, minutes + link.least]
        link.greatest ? [forth, [link.to, link.from, -minutes - link.greatest]] : [forth]
      end

      def by_id = @by_id ||= @project.by_id

      # Back from a task that still moves, far enough to be in the circle that moves it, and once around.
      def cycle(came, task)
        @project.tasks.size.times { task = came.fetch(task) }
        way = [task]
        way << came.fetch(way.last) until way.size > 1 && way.last == task
        found(:never_together, tasks: way.drop(1).reverse)
      end

      # A turn of the hands longer than any that they have.
      def stretch
        return unless @horizon

        hands = network.resource(Project::HANDS) or return
        profile = network.profiles[hands]
        @project.tasks.each do |task|
          count = task.uses[Project::HANDS]
          next if count.nil? || task.pin

          start = profile.earliest(count, @horizon.first, task.minutes)
          return found(:too_long, task: task.id, minutes: task.minutes) if start.nil? || start + task.minutes > @horizon.last
        end
        nil
      end
    end
    private_constant :Contradictions
  end
end
