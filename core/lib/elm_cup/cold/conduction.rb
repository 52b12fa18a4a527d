# frozen_string_literal: true

module ElmCup
  module Cold
    # Heat through a Stack in an Air, cell by cell. One run: made, run once, thrown away.
    # Source: finite volumes in one direction with conductances in series; enthalpy is what is kept, so that nothing is lost; time by the
    # second-order singly diagonal Runge-Kutta method (gamma = 1 - 1/sqrt 2), each stage by Newton and a tridiagonal solve.
    class Conduction
      CELLS = 18
      STEPS = 55
      # Each step is so much longer than the one before.
      GROWTH = 1.055
      # Fewest cells of a layer.
      FEWEST = 3
      GAMMA = 1 - 1 / Math.sqrt(2)
      # K that a stage may still move; turns after which it is taken as it is.
      TOLERANCE_K = 0.02
      TURNS = 12
      # m2 K/W between a tin and what stands in it (from memory: .003 to .01).
      CONTACT = 0.005

      # J/m2 (of a slab; per radian of what is round) that have left so far.
      attr_reader :lost

      # cells, steps, growth: how finely it is reckoned.
      def initialize(stack, air, cells: CELLS, steps: STEPS, growth: GROWTH)
        @stack = stack
        @air = air
        @steps = steps
        @growth = growth
        @lost = 0.0
        divide(cells)
        tin_under if stack.tin_j_m2_k
        @size = @heat.size
        @temperature = @start.dup
        @capacity = Array.new(@size, 0.0)
        @place = Array.new(@size, 0)
        @enthalpy = Array.new(@size) { |at| @heat[at].enthalpy_at(@start[at]) * @volume[at] }
        @now = @enthalpy.dup
        @size.times { |at| hold(at, @now[at]) }
      end

      # The same body from now on in another Air.
      def into(air)
        @air = air
        self
      end

      # Runs for so many seconds. Gives the block the seconds at each step, 0 first, and the Run itself; stops where it gives :stop.
      def run(seconds)
        time = 0.0
        return self if yield(time, self) == :stop

        step = seconds * (@growth - 1) / (@growth**@steps - 1)
        @steps.times do
          advance(step)
          time += step
          break if yield(time, self) == :stop

          # Whoever waits for the interpreter goes first: an answer to a key does not wait for a cold run.
          Thread.pass
          step *= @growth
        end
        self
      end

      # °C: mean over the volume of the layer at an index; in the middle of a slab or at the heart of what is round.
      def mean_c(layer)
        from, to = @spans[layer]
        sum = volume = 0.0
        (from...to).each do |at|
          sum += @temperature[at] * @volume[at]
          volume += @volume[at]
        end
        sum / volume
      end

      def core_c
        return @temperature[@first] unless @stack.slab?

        above = @first + (@size - @first) / 2
        (@size - @first).even? ? (@temperature[above - 1] + @temperature[above]) / 2 : @temperature[above]
      end

      # °C at a share of the way from the heart, or from the foot of a slab, to the outside.
      def at_c(share)
        deep = share * (@first...@size).sum { |at| @width[at] }
        edge = 0.0
        centres = (@first...@size).map { |at| (edge += @width[at]) - @width[at] / 2 }
        above = centres.index { |centre| centre >= deep } || centres.size
        return @temperature[@first] if above.zero?
        return @temperature.last if above == centres.size

        low, high = centres[above - 1], centres[above]
        part = (deep - low) / (high - low)
        @temperature[@first + above - 1] * (1 - part) + @temperature[@first + above] * part
      end

      # J that it holds, above the zero of its tables, in the measure of `lost`.
      def held = @enthalpy.sum

      private

      # Cells of each layer in proportion to how thick it is.
      def divide(cells)
        @first = 0
        @heat, @start, @width, edges, @spans = [], [], [], [0.0], []
        whole = @stack.thick_mm
        @stack.layers.each do |layer|
          count = [(cells * layer.mm / whole).round, FEWEST].max
          width = layer.mm / 1000.0 / count
          @spans << [@heat.size, @heat.size + count]
          count.times do
            edges << edges.last + width
            @heat << layer.heat
            @start << layer.start_c.to_f
            @width << width
          end
        end
        power = @stack.power
        @area = edges.map { |edge| edge**power }
        @volume = edges.each_cons(2).map { |low, high| (high**(power + 1) - low**(power + 1)) / (power + 1) }
      end

      # The tin is a cell of its own under the lowest.
      def tin_under
        @first = 1
        @heat.unshift(HeatTable.constant(conductivity: 1.0, density: 1.0, heat_capacity: @stack.tin_j_m2_k))
        @start.unshift(@start.first)
        @width.unshift(0.0)
        @area.unshift(1.0)
        @volume.unshift(1.0)
        @spans = @spans.map { |from, to| [from + 1, to + 1] }
      end

      # W/K between neighbours, and from the ends to the air.
      def conduct
        half = Array.new(@size) { |at| @width[at] / (2 * @heat[at].conductivity_at(@temperature[at])) }
        @between = Array.new(@size - 1) { |at| @area[at + 1] / (half[at] + half[at + 1] + ((@first == 1 && at.zero?) ? CONTACT : 0.0)) }
        top = @stack.slab? ? @air.top : @air.mean
        @outer = @area.last / (1 / top.to_f + half.last)
        @foot = @stack.slab? ? 1 / (1 / @air.bottom.to_f + half.first) : 0.0
      end

      def advance(step)
        conduct
        first = stage(@enthalpy, GAMMA * step)
        begun = @enthalpy.zip(first).map { |held, flow| held + (1 - GAMMA) * step * flow }
        lost = (1 - GAMMA) * step * lost_now
        conduct
        second = stage(begun, GAMMA * step)
        @lost += lost + GAMMA * step * lost_now
        @enthalpy = begun.zip(second).map { |held, flow| held + GAMMA * step * flow }
      end

      # W that leave now.
      def lost_now = @outer * (@temperature.last - @air.celsius) + @foot * (@temperature.first - @air.celsius)

      # The temperatures at the end of an implicit step of `span` seconds from `begun` J; W that flow into each cell there.
      def stage(begun, span)
        TURNS.times do
          flows = flow_in
          break if turn(begun, span, flows) < TOLERANCE_K
        end
        flow_in
      end

      # W into each cell.
      def flow_in
        last = @size - 1
        flows = Array.new(@size, 0.0)
        at = 0
        while at < last
          flow = @between[at] * (@temperature[at] - @temperature[at + 1])
          flows[at] -= flow
          flows[at + 1] += flow
          at += 1
        end
        flows[0] -= @foot * (@temperature[0] - @air.celsius)
        flows[last] -= @outer * (@temperature[last] - @air.celsius)
        flows
      end

      # One turn of Newton on the heat that each cell holds; K that the temperature of any cell moved by. Gauss elimination of three
      # diagonals, downwards and back.
      def turn(begun, span, flows)
        last = @size - 1
        ratio = Array.new(@size)
        right = Array.new(@size)
        below = carried = held_back = 0.0
        at = 0
        while at <= last
          above = (at == last) ? @outer * span : @between[at] * span
          pivot = @capacity[at] + below + above - below * held_back
          pivot += @foot * span if at.zero?
          right[at] = carried = (begun[at] + span * flows[at] - @now[at] + below * carried) / pivot
          ratio[at] = held_back = above / pivot
          below = above
          at += 1
        end
        most = moved = 0.0
        while (at -= 1) >= 0
          moved = right[at] + ((at == last) ? 0.0 : ratio[at] * moved)
          before = @temperature[at]
          hold(at, @now[at] + @capacity[at] * moved)
          change = (@temperature[at] - before).abs
          most = change if change > most
        end
        most
      end

      # The cell at an index holds so many J: its temperature, and J/K from there.
      def hold(at, joules)
        @now[at] = joules
        table = @heat[at]
        held = joules / @volume[at]
        enthalpy = table.enthalpy
        place = @place[at]
        place += 1 while place < table.last && held > enthalpy[place + 1]
        place -= 1 while place.positive? && held < enthalpy[place]
        @place[at] = place
        capacity = table.capacity[place]
        @capacity[at] = capacity * @volume[at]
        @temperature[at] = table.from_c + place * table.step_k + (held - enthalpy[place]) / capacity
      end
    end
  end
end
