# frozen_string_literal: true

module ElmCup
  module Plan
    # Looks for the starts that are best: decodes lists of tasks, justifies them to and fro, and moves tasks in the best of them at random.
    # The same seed gives the same plan; no clock is asked. Source: docs/model.md, Plan.
    class Search
      # It ends at so many tasks laid, or lists decoded; after so many passes without gain it goes back to the best.
      MOST_PLACEMENTS = 15_000
      MOST_RUNS = 833
      PATIENCE = 30
      # A plan as short as the bound can only become tidier: that gets a third of it.
      TIDYING = 3
      # One pass in so many is justified to and fro.
      JUSTIFIED = 6
      TO_AND_FRO = 2
      TURNED = 0.9
      SHAKEN = 60
      SHARES = [Rational(1, 4), Rational(1, 2), Rational(3, 4), 1].freeze

      # What was found: starts in real time, their Criteria::Figures, the bound of the span in minutes.
      Found = Value.of(:starts, :figures, :bound)

      # project: a Project without circles. placements, runs: where it ends at the latest.
      def initialize(project, placements: MOST_PLACEMENTS, runs: MOST_RUNS)
        @project = project
        @most_placements = placements
        @most_runs = runs
        @networks = [Network.new(project, mirrored: project.ready_by?), Network.new(project, mirrored: !project.ready_by?)]
        @decoders = @networks.map { |network| Decoder.new(network) }
        @criteria = Criteria.new(project)
        @random = Random.new(project.seed)
      end

      # Found; nil where no plan was found.
      def best
        @floors = floors
        @heads = network.heads(@floors) or return
        @bound = Bound.span(network, @floors, @heads)
        begin_with(StartLists.new(network, @heads))
        return unless @best

        improve
        starts, figures = Tidying.new(@project, @criteria).call(@best, @figures)
        Found.new(starts: starts, figures: figures, bound: @bound)
      end

      # Whether there is any plan at all, as far as the first lists tell.
      def any? = !first.nil?

      # Real starts of the first plan that is found; nil where none is.
      def first
        @floors = floors
        @heads = network.heads(@floors) or return
        lists = StartLists.new(network, @heads)
        lists.all.product([true, false]).each { |list, turn| @best || climb(list, thorough: false, turn: turn) }
        seek(lists)
        @best
      end

      # [list of tasks, minutes] of that plan; nil where there is none.
      def first_list
        return unless first

        starts = network.turn(@best)
        [@list, (0...network.size).map { |task| starts[task] + network.minutes[task] }.max - @floors.min]
      end

      private

      def network = @networks.first

      def other = @networks.last

      def decoder = @decoders.first

      # Earliest starts in the direction that is solved.
      def floors
        @project.tasks.map do |task|
          if @project.ready_by?
            -@project.deadline(task)
          else
            [@project.at, @project.now].compact.max
          end
        end
      end

      def begin_with(lists)
        lists.all.product([true, false]) { |list, turn| climb(list, thorough: true, turn: turn) }
        seek(lists)
      end

      # Where no list goes as it is.
      def seek(lists)
        in_turn unless @best
        shaken(lists) unless @best
      end

      # One formula after the other, each from a share of the time of those before: at the whole of it there is room for every one that goes
      # by itself.
      def in_turn
        groups = StartLists.groups(network)
        return if groups.size < 2

        groups = groups.map { |group| alone(group) || (return nil) }.sort_by { |list, _| @heads[list.first] }
        SHARES.each { |share| behind(groups, share) }
      end

      # [list, minutes that it takes] of a group of tasks as it goes by itself; nil where it does not.
      def alone(group)
        tasks = group.map { |task| @project.tasks[task] }
        links = @project.links.select { |link| tasks.any? { |task| task.id == link.from } }
        Search.new(@project.with(tasks: tasks, links: links)).first_list&.then { |list, minutes| [list.map { |at| group[at] }, minutes] }
      end

      def behind(groups, share)
        floors = @floors.dup
        late = 0
        list = groups.flat_map do |group, minutes|
          group.each { |task| floors[task] += late }
          late += (share * minutes).ceil
          group
        end
        [true, false].each { |turn| climb(list, thorough: true, turn: turn, floors: floors) }
      end

      def shaken(lists)
        SHAKEN.times do
          break if @best

          climb(lists.by(->(_) { @random.rand }), thorough: false, turn: @random.rand < 0.5)
        end
      end

      def improve
        current = @list
        figures = @figures
        idle = 0
        pass = 0
        until over?
          pass += 1
          best = @figures
          found = climb(shaking.call(current), thorough: (pass % JUSTIFIED).zero?, turn: @random.rand < TURNED, against: figures)
          current, figures = found if found
          idle = best.equal?(@figures) ? idle + 1 : 0
          current, figures, idle = @list, @figures, 0 if idle > PATIENCE
        end
      end

      def shaking = @shaking ||= Shaking.new(network, @random)

      def over?
        share = (@figures.late.zero? && @figures.span <= @bound) ? TIDYING : 1
        @decoders.sum(&:placements) * share >= @most_placements || @decoders.sum(&:runs) * share >= @most_runs
      end

      # [list, Figures] of what a list comes to, where it is not longer than `against` (Figures); nil where it is, or does not go.
      def climb(list, thorough:, turn: false, floors: @floors, against: nil)
        starts = decoder.run(list, floors, turn: turn) or return
        found = weigh(starts, network.turn(starts), decoder.order.dup, against)
        (thorough && justify(starts, found&.last || against)) || found
      end

      # To the other side by ends, back by starts; all that comes of it counts. [list, Figures] of the best of it, nil where all is longer.
      def justify(starts, against)
        best = nil
        TO_AND_FRO.times do
          justified = @decoders.last.run(in_order(other, other.turn(network.turn(starts))), other_floors(starts)) or break
          real = other.turn(justified)
          best = weigh(network.turn(real), real, nil, best&.last || against) || best
          starts = decoder.run(in_order(network, network.turn(real)), @floors) or break
          fresh = weigh(starts, network.turn(starts), nil, best&.last || against) or break
          better = best.nil? || (fresh.last <=> best.last).negative?
          best = fresh
          break unless better
        end
        best
      end

      # [list, Figures] of starts, kept where they are the best so far; nil where they are longer than `against`.
      def weigh(starts, real, list, against)
        return if @criteria.plainly_worse?(real, against)

        figures = @criteria.of(real)
        list ||= in_order(network, starts)
        @best, @figures, @list = real, figures, list if @figures.nil? || (figures <=> @figures).negative?
        [list, figures]
      end

      # Earliest starts in the other direction: not beyond the last end of what was laid in the first.
      def other_floors(starts)
        last = (0...network.size).map { |task| starts[task] + network.minutes[task] }.max
        floor = @project.ready_by? ? [-last, @project.now].compact.max : -last
        Array.new(network.size, floor)
      end

      # Tasks by their starts in the direction of a network; those that start at once in the order that its links ask for.
      def in_order(network, starts)
        places = (@places ||= {})[network] ||= network.order.each_with_index.sort.map(&:last)
        (0...network.size).sort_by { |task| [starts[task], places[task]] }
      end
    end
  end
end
