# frozen_string_literal: true

module ElmCup
  module Proposal
    # A bowl from nothing: what there is, put together as cooks do, and balanced to what is wanted. Three different ones where there are so many.
    class Cupboard
      MOST = 3
      # What opening one more thing counts, beside the size of the change.
      OPENED = 0.15
      # A clash without a figure counts as much as giving all of one.
      UNPRICED = 1.0
      # UsualBowl, its answer of Balance, what it counts.
      Made = Value.of(:bowl, :answer, :cost)

      # said: a Hash ("cupboard/1"), checked here; an empty shape says nothing.
      def initialize(said, library:, pace:)
        said = said.except("shape") if said.is_a?(Hash) && said["shape"] == {}
        @wishes = CupboardDocument.wishes(said, library)
        @want = said["want"] || "rolls"
        @library = library
        @pace = pace
        @larder = Larder.new(said, @wishes, library)
      end

      # A Hash ready for JSON ("balance/1").
      def to_h
        made = @larder.bowls.lazy.filter_map { |bowl| make(bowl, quick: true) unless @pace.over? }.to_a
        chosen = different(made.sort_by { |each| [@larder.left(each.bowl).size, each.cost] }).map { |each| best(each) }
        {"elm_cup" => "balance/1", "wishes" => [], "answers" => chosen.map { |each| written(each) }, "clashes" => chosen.empty? ? clashes : [], "notes" => notes(chosen)}
      end

      private

      def make(bowl, quick:)
        answer = balanced(bowl, quick) or return
        opened = answer["formula"]["components"].first["lines"].size
        Made.new(bowl: bowl, answer: answer, cost: answer["size"] + OPENED * (opened - @larder.use_up.size))
      end

      # What was found in haste is looked at again, once it is chosen.
      def best(made) = made.answer["proved_optimal"] ? made : make(made.bowl, quick: false) || made

      # nil for one that cannot be asked for what is wanted, such as a cost where nothing has a price.
      def balanced(bowl, quick)
        balancer(bowl).to_h(1, quick: quick)["answers"].first
      rescue InvalidDocument
        nil
      end

      def balancer(bowl)
        Balancer.new(bowl.document, wishes: [*@wishes.map(&:text), "texture=#{@want}"], have: @larder.all.map(&:id), library: @library, pace: @pace,
          most: @larder.grams.compact, shares: @larder.limits)
      end

      # Why the bowl that comes nearest does not come to what is wanted; what cannot be asked of any is refused.
      def clashes
        @clashes ||= begin
          all = @larder.bowls.uniq(&:family).filter_map { |bowl| [bowl, balancer(bowl).clashes(within: within(bowl))] unless @pace.over? }
          @nearest, clashes = all.reject { |_, each| each.empty? }.min_by.with_index { |(_, each), order| [each.sum { |clash| give(clash) }, order] }
          clashes || []
        end
      end

      # The least that would have to be given of a figure, as a share of it.
      def give(clash)
        clash["relax"].filter_map { |change| (change["to"] - Balance::Wish.read(change["wish"]).value).abs / [change["to"], 1].max if change["to"].is_a?(Numeric) }.min || UNPRICED
      end

      def within(bowl)
        kept = bowl.limits.map { |id, share| "no more than #{(share * 100).round} % #{@library[id].name.downcase}" }
        ["with no line under half or over twice its share of a #{bowl.name}", *kept, "and no helper over a quarter of it"].join(", ")
      end

      # Another family first; then another way of the same.
      def different(made)
        (made.uniq { |each| each.bowl.family } + made).uniq { |each| each.answer["formula"]["components"].first["lines"].map { |line| line["ingredient"] }.sort }.first(MOST)
      end

      def written(made)
        answer = made.answer
        lines = Assessment.of(answer["formula"].except("wishes"), library: @library)["components"].first["lines"]
        answer.merge("before" => {}, **Assessment::ComeAndGone.of({}, answer["after"]), "family" => made.bowl.family.id, "changes" => lines.map { |line| poured(line) }, "why" => why(made, lines))
      end

      def poured(line)
        {"kind" => "added", "component" => "dough", "text" => line["text"], "grams" => line["grams"], "ingredient" => line["ingredient"], "now" => line["text"]}
      end

      def why(made, lines)
        left = (@larder.use_up - lines.map { |line| line["ingredient"] }).map { |id| @library[id].name.downcase }
        "#{least(made)}; #{lines.size} things go in.#{" It has no place for #{Reason.listed(left)}." if left.any?}"
      end

      def least(made)
        bowl = made.bowl.name
        return "A #{bowl} is so already, nothing in it had to be moved" if made.answer["size"].zero?
        return "Of what is ticked, the smallest change from a #{bowl} that gives what you want" if made.answer["proved_optimal"]

        "Of what is ticked, a small change from a #{bowl} that gives what you want; none smaller was found"
      end

      # No bowl, and no clash either.
      def unfound
        return "No bowl was found in #{@pace.seconds} s; drop a wish, or tick more." if @pace.over?

        "It can nearly be: the sums allow a bowl, but no amounts that can be measured here come out right. Loosen one wish a little, or tick more."
      end

      def notes(chosen)
        return [] if chosen.size == MOST
        return ["Only #{chosen.size} #{(chosen.size == 1) ? "bowl was" : "bowls were"} found in this."] if chosen.any?
        return [@larder.shortage] if @larder.shortage
        return [unfound] if clashes.empty?

        ["No bowl here comes to what you want. Of what is ticked a #{@nearest.family.name.downcase} one comes nearest; this is why it will not do:"]
      end
    end
  end
end
