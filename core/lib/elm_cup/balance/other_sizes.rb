# frozen_string_literal: true

module ElmCup
  module Balance
    # The least change of the lines in pieces of each other size that could count less, and of these the least.
    class OtherSizes
      # So many are looked at; of more only some.
      MOST = 30

      # resizing: Resizing; most: what a change may count; pace: Pace; the block gives the Balancer of a document.
      def initialize(resizing, most, pace, &balancer)
        @resizing = resizing
        @most = most
        @pace = pace
        @balancer = balancer
        @floor = Float::INFINITY
      end

      # A SizedAnswer, nil for none.
      def answer
        look
        @answer
      end

      # No change with pieces of another size, lines moved too, counts less; -Infinity where that is not known.
      def floor
        look
        @floor
      end

      private

      def look
        return if @looked

        @looked = true
        sizes = @resizing.nearer(@most)
        every = (sizes.size.to_f / MOST).ceil
        @floor = -Float::INFINITY if every > 1
        sizes.each_slice([every, 1].max).map(&:last).each { |resized| try(resized) unless resized.size >= @most }
      end

      def try(resized)
        return @floor = -Float::INFINITY if @pace.over?

        balancer = @balancer.call(resized.document)
        return @floor = [@floor, resized.size].min if balancer.granted?

        answer = balancer.least
        return unfound(balancer) unless answer

        take(SizedAnswer.new(resized, answer))
      end

      def take(sized)
        @floor = [@floor, sized.bound].min
        return unless sized.size < @most

        @most = sized.size
        @answer = sized
      end

      def unfound(balancer)
        @floor = -Float::INFINITY unless balancer.impossible?
      end
    end
  end
end
