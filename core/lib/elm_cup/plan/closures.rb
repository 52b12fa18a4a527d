# frozen_string_literal: true

module ElmCup
  module Plan
    # When nobody, or not everybody, is at hand: asleep, out, or at another plan.
    #   from, to   minutes      count  pairs of hands that are away, nil for all      why  in words
    Closure = Value.of(:from, :to, :why, count: nil)

    # The Closures of a plan: nights and weeks of the kitchen, absences that were said, what other plans take.
    class Closures
      ASLEEP = "asleep"
      OUT = "out"
      ELSEWHERE = "another plan"

      # request: Request; means: Document::Means; span: [from, to] minutes that they are asked for.
      def initialize(request, means, span)
        @request = request
        @means = means
        @span = span
      end

      # Closures of the hands, in their order.
      def hands = @hands ||= (nights + weeks + said).sort_by { |each| [each.from, each.to] }

      # [[from, to, count], …] for a Project: of all of them; of the nights.
      def blocked = counted(hands)

      def asleep = counted(nights)

      private

      def calendar = @request.calendar

      def counted(closures) = closures.map { |each| [each.from, each.to, each.count || @means.hands] }

      def nights = @nights ||= asleep_nights

      def asleep_nights
        return [] unless @means.asleep

        calendar.every(Calendar::DAYS, *@means.asleep, *@span).map { |from, to| Closure.new(from: from, to: to, why: ASLEEP) }
      end

      def weeks
        @means.away.flat_map do |away|
          calendar.every(away["days"], away["start"], away["end"], *@span)
            .map { |from, to| Closure.new(from: from, to: to, count: away["n"], why: away["why"] || OUT) }
        end
      end

      def said = @request.away.map { |from, to, count, why| Closure.new(from: from, to: to, count: count, why: why || OUT) }
    end
  end
end
