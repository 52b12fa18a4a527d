# frozen_string_literal: true

module ElmCup
  module Plan
    # How many of a resource are free at each minute: sorted times, and what is free from each to the next.
    class Profile
      # blocked: [[from, to, how many], …]
      def initialize(capacity, blocked = [])
        @times = [-Float::INFINITY]
        @free = [capacity]
        blocked.each { |from, to, count| take(count, from, to) }
        @free.map! { |count| [count, 0].max }
      end

      def initialize_copy(other)
        super
        @times = @times.dup
        @free = @free.dup
      end

      # As another is.
      def become(other)
        @times.replace(other.times)
        @free.replace(other.free)
      end

      # The first minute at or after `from` from which `count` are free for `length` minutes; nil where there is none.
      def earliest(count, from, length)
        at = index(from)
        size = @times.size
        while at < size
          till = @times[at + 1]
          if @free[at] < count
            from = till
          elsif till.nil? || till >= from + length
            return from
          end
          at += 1
        end
      end

      # The first minute from `from` and before `to` at which fewer than `count` are free; nil where there is none.
      def blocked(count, from, to)
        return if from >= to

        at = index(from)
        return from if @free[at] < count

        while (at += 1) < @times.size && @times[at] < to
          return @times[at] if @free[at] < count
        end
      end

      # The last minute up to `to` and not before `from` until which fewer than `count` are free; nil where there is none.
      def blocked_until(count, from, to)
        return if from >= to

        at = index(to - 1)
        until_now = to
        while at >= 0 && until_now > from
          return until_now if @free[at] < count

          until_now = @times[at]
          at -= 1
        end
      end

      # Takes `count` from `from` to `to`; gives them back where it is negative.
      def take(count, from, to)
        return if from >= to

        at = split(from)
        stop = split(to)
        while at < stop
          @free[at] -= count
          at += 1
        end
      end

      # The minute at which so many minutes of work are done by all that is free from `from` on; nil where that is never.
      def work(minutes, from)
        (index(from)...@times.size).each do |at|
          till = @times[at + 1]
          free = @free[at]
          return from + (minutes.to_f / free).ceil if free.positive? && (till.nil? || (till - from) * free >= minutes)

          minutes -= (till - from) * free if till
          from = till
        end
        nil
      end

      protected

      attr_reader :times, :free

      private

      # Index of the last time that is not after `minute`.
      def index(minute)
        low = 0
        high = @times.size
        while high - low > 1
          middle = (low + high) >> 1
          (@times[middle] <= minute) ? low = middle : high = middle
        end
        low
      end

      # Index of the time `minute`, which is made where there is none.
      def split(minute)
        at = index(minute)
        return at if @times[at] == minute

        @times.insert(at + 1, minute)
        @free.insert(at + 1, @free[at])
        at + 1
      end
    end
  end
end
