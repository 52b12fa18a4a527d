# frozen_string_literal: true

module ElmCup
  module Balance
    # A bowl from nothing: what there is, put together as cooks do, and balanced to what is wanted. Three different ones where there are so
    # many.
    class Cupboard
      MOST = 3
      # What opening one more thing counts, beside the size of the change.
      OPENED = 0.15
      # A clash without a figure counts as much as giving all of one.
      UNPRICED = 1.0
      # A UsualBowl with the Answer that makes it what is wanted, and what it counts.
      Made = Value.of(:bowl, :answer, :cost) do
        # The Assessment::Part that all of it is in.
        def part = answer.assessment.components.first

        # Ids of what is in it, the same for two bowls of the same things.
        def ingredients = part.lines.map { |line| line.entry.id }.sort
      end

      # said: a Hash ("cupboard/1"), checked here; an empty shape says nothing.
      def initialize(said, library:, pace:)
        said = said.except("shape") if said.is_a?(Hash) && said["shape"] == {}
        @wishes = CupboardDocument.wishes(said, library)
        @want = said["want"] || Document::Want.of(Document::PartType.usual.id, said.dig("shape", "kind"))
        @library = library
        @pace = pace
        @larder = Larder.new(said, @wishes, library)
      end

      # Mades, at most MOST, the best first.
      def bowls
        @bowls ||= begin
          made = @larder.bowls.lazy.filter_map { |bowl| make(bowl, quick: true) unless @pace.over? }.to_a
          different(made.sort_by { |each| [@larder.left(each.bowl).size, each.cost] }).map { |each| best(each) }
        end
      end

      # ClashWords that say why the bowl that comes nearest does not come to what is wanted; none where there are bowls.
      def clashes = bowls.empty? ? nearest_clashes : []

      # What must be said, in words.
      def notes
        return [] if bowls.size == MOST
        return ["Only #{bowls.size} #{(bowls.size == 1) ? "bowl was" : "bowls were"} found."] if bowls.any?
        return [@larder.shortage] if @larder.shortage
        return [unfound] if nearest_clashes.empty?

        family = @nearest.family.name.downcase
        ["No bowl gives what you want. With what is ticked, a #{family} one comes nearest; here is why it does not work:"]
      end

      # One sentence that says what a Made is.
      def why(made)
        left = (@larder.use_up - made.part.lines.map { |line| line.entry.id }).map { |id| @library[id].name.downcase }
        "#{least(made)}; #{made.part.lines.size} things go in.#{" There is no room in it for #{Reason.listed(left)}." if left.any?}"
      end

      private

      def make(bowl, quick:)
        answer = balanced(bowl, quick) or return
        opened = answer.assessment.components.first.lines.size
        Made.new(bowl: bowl, answer: answer, cost: answer.size.to_f.round(4) + OPENED * (opened - @larder.use_up.size))
      end

      # What was found in haste is looked at again, once it is chosen.
      def best(made) = made.answer.proved? ? made : make(made.bowl, quick: false) || made

      # nil for one that cannot be asked for what is wanted, such as a cost where nothing has a price.
      def balanced(bowl, quick)
        balancer(bowl).result(1, quick: quick).answers.first
      rescue InvalidDocument
        nil
      end

      def balancer(bowl)
        Balancer.new(bowl.document, wishes: [*@wishes.map(&:text), "texture=#{@want}"], have: @larder.all.map(&:id), library: @library,
          pace: @pace,
          most: @larder.grams.compact, shares: @larder.limits, resize: false)
      end

      # What cannot be asked of any bowl is refused.
      def nearest_clashes
        @clashes ||= begin
          all = @larder.bowls.uniq(&:family).filter_map { |bowl| [bowl, balancer(bowl)] unless @pace.over? }
          clashing = all.reject { |_, balancer| balancer.clashing.empty? }
          @nearest, balancer = clashing.min_by.with_index { |(_, each), order| [each.clashing.sum { |clash| give(clash) }, order] }
          @nearest ? balancer.clashes(within: within(@nearest)) : []
        end
      end

      # The least that would have to be given of a figure, as a share of it.
      def give(clash)
        figures = clash.relaxed.select { |relaxed| relaxed.to.is_a?(Numeric) }
        figures.map { |relaxed| (relaxed.to - relaxed.wish.value).abs / [relaxed.to, 1].max }.min || UNPRICED
      end

      def within(bowl)
        kept = bowl.limits.map { |id, share| "no more than #{(share * 100).round} % #{@library[id].name.downcase}" }
        least = "while no line more than doubles or halves its share of a #{bowl.name}"
        [least, *kept, "and nothing added is over a quarter of it"].join(", ")
      end

      # Another family first; then another way of the same.
      def different(made) = (made.uniq { |each| each.bowl.family } + made).uniq(&:ingredients).first(MOST)

      def least(made)
        bowl = made.bowl.name
        return "A #{bowl} already gives what you want, nothing in it had to change" if made.answer.size.zero?
        return "Of what is ticked, the smallest change from a #{bowl} that gives what you want" if made.answer.proved?

        "Of what is ticked, a small change from a #{bowl} that gives what you want; none smaller was found"
      end

      # No bowl, and no clash either.
      def unfound
        return "No bowl was found in #{@pace.seconds} s; drop a wish, or tick more." if @pace.over?

        "It nearly works, but no amounts that you can measure come out right. " \
          "Loosen one wish a little, or tick more."
      end
    end
  end
end
