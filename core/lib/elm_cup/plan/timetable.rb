# frozen_string_literal: true

module ElmCup
  module Plan
    # A plan: what was asked, the steps of its formulas as tasks and waits, and where they stand on the clock.
    class Timetable
      # Minutes before and after its hour that a plan may take.
      REACH = 14 * Calendar::DAY_MINUTES
      MOST_TASKS = 400
      # Spread of hands-on minutes is kept free in steps of so many.
      RESERVE_STEP = 5

      # Request; Assessments of its formulas; Expansions of them; Planner::Result.
      attr_reader :request, :assessments, :expansions, :result

      # request: Request; library: Ingredient::Library; beside: Busy of other plans.
      def initialize(request, library:, beside: Busy.none)
        @request = request
        @library = library
        @means = Document::Means.from(library.kitchen)
        @beside = beside
        @assessments = request.orders.map { |order| Assessment.of(order.document, library: library) }
        @expansions = @assessments.each_with_index.map { |assessment, index| expand(assessment, index) }
        refuse_many
        @result = Planner.call(project, horizon: span)
      end

      # Words of what was fixed, or done, and is no step of these formulas any more: it is passed over.
      def forgotten
        known = items.map(&:id)
        gone = (request.pins.keys + request.done.keys).reject { |id| known.include?(id) }
        gone.empty? ? [] : ["What was said of steps that are gone is passed over (#{gone.size})."]
      end

      # [from, to] minutes that it is looked for between.
      def span
        middle = [@request.at, @request.now].compact.max
        [middle - REACH, middle + REACH]
      end

      # Items of all tasks, in the order of the Project's; Stays.
      def items = @items ||= expansions.flat_map(&:items)

      def stays = @stays ||= expansions.flat_map(&:stays)

      def closures = @closures ||= Closures.new(request, @means, span)

      # Resource => how many there are.
      def resources = @means.resources

      def calendar = request.calendar

      def status = result.status

      def plan? = result.plan?

      # Room::Reach to earlier and to later of each task.
      def earlier = @earlier ||= items.each_index.map { |task| room.earlier(task) }

      def later = @later ||= items.each_index.map { |task| room.later(task) }

      # Ids of what its length hangs on.
      def chain = Chain.new(result.project, result.starts, later).ids

      # [from, to] of each visit to the kitchen, what is done already not counted.
      def visits
        criteria = Criteria.new(result.project)
        criteria.visits(criteria.turns(result.starts))
      end

      # Planner::Result where every wait is over at its early end; nil where there is no plan.
      def quick = (Planner.call(early, horizon: span) if plan?)

      # Where it is begun as planned and all goes fast: the minute at which it is ready; nil where there is no plan.
      def quick_ready
        return unless plan?

        found = Planner.call(early.with(mode: Project::START_AT, at: result.first), horizon: span)
        found.last if found.plan?
      end

      # Relaxation::Gains of one limit less, and of two.
      def gains = plan? ? Relaxation.new(result.project, result.figures, asleep: closures.asleep).gains : []

      # Minutes to keep free for hands that are slower than planned: √Σδ², in steps of five.
      def offered_reserve
        variance = items.sum { |item| item.spread.to_f**2 }
        (Math.sqrt(variance) / RESERVE_STEP).ceil * RESERVE_STEP
      end

      # Clash::Demands where no plan was found and nothing is proved.
      def clashes = (plan? || result.contradiction) ? [] : Clash.of(result.project)

      # The Project that is asked for.
      def project
        @project ||= Project.new(mode: request.mode, at: request.target, tasks: tasks, links: links, resources: resources, now: request.now,
          seed: request.seed, blocked: @beside.blocked.merge(Project::HANDS => closures.blocked + @beside.of(Project::HANDS)))
      end

      # Short, so that an error that names it stays readable.
      def inspect = "#<#{self.class} of #{expansions&.size} formulas>"

      private

      def room = @room ||= Room.new(result.project, result.starts)

      # The Project with the early end of each wait.
      def early
        @early ||= begin
          least = stays.to_h { |stay| [stay.link.ends, stay.early.least] }
          result.project.with(links: result.project.links.map { |link| link.with(least: [link.least, least.fetch(link.ends)].min) })
        end
      end

      def expand(assessment, index)
        order = request.orders[index]
        Expansion.new(Method::Steps.new(assessment).kept, index: index, name: assessment.name, means: @means, ready_by: order.ready_by,
          serial: assessment.formula.shape&.id == "mould")
      end

      def refuse_many
        count = expansions.sum { |each| each.tasks.size }
        return if count <= MOST_TASKS

        kept = expansions.each_with_index.take_while { |_, at| expansions.first(at + 1).sum { |each| each.tasks.size } <= MOST_TASKS }.size
        refuse_large(expansions.first.tasks.size) if kept.zero?
        InvalidDocument.refuse("/formulas", :too_many_tasks, count: count, most: MOST_TASKS, kept: kept, all: expansions.size)
      end

      # One formula alone is too much: about how many pieces of it are not.
      def refuse_large(count)
        pieces = assessments.first.pieces.together&.count.to_i * MOST_TASKS / count
        InvalidDocument.refuse("/formulas/0", :too_many_tasks_of_one, count: count, most: MOST_TASKS, pieces: pieces)
      end

      def tasks
        expansions.flat_map(&:tasks).map do |task|
          next past(task, *request.done[task.id]) if request.done.key?(task.id)

          task.with(pin: request.pins[task.id], ready_by: task.ready_by && [task.ready_by, request.target].min)
        end
      end

      # What was done, or is being done.
      def past(task, from, to)
        over = to || [from + task.minutes, request.now || from].max
        task.with(pin: from, minutes: over - from, uses: to ? {} : task.uses, past: true)
      end

      # Links to what was done are no longer asked for; what waits too long already may wait as long as it must.
      def links
        by_id = tasks.to_h { |task| [task.id, task] }
        stays.map(&:link).reject { |link| by_id[link.to].past }.map do |link|
          from = by_id[link.from]
          overdue?(from, link) ? link.with(greatest: nil) : link
        end
      end

      def overdue?(from, link)
        from.past && link.greatest && request.now && request.now > from.pin + from.minutes + link.greatest
      end
    end
  end
end
