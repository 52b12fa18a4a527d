# frozen_string_literal: true

module ElmCup
  module Counter
    # The bowl of one part at the counter: what it holds, what is believed of it after all that was seen, and what that says of each of the
    # three: planned, now, finished. Source: docs/model.md, At the counter.
    class Bowl
      NOW = "now"
      FINISHED = "finished"

      # What one look came to.
      #   look  Observation::Look      expected, after  texture numbers before and after it      surprise  Observation::Surprise
      Seen = Value.of(:look, :expected, :after, :surprise)

      # Something dry, and something that binds it.
      def self.estimable?(mix) = mix.saturation.demand.positive? && mix.saturation.supply.positive?

      attr_reader :part, :want, :contents, :belief, :seen

      # assessment: Assessment of what is made; part: its Part that is judged; state: Observation::State; belief: Observation::Belief of the
      # kitchen before this batch; trial: it is a trial spoonful.
      def initialize(assessment, part, state, belief: Observation::Belief.new, trial: false)
        @assessment = assessment
        @part = part
        @state = state
        @trial = trial
        @want = part.want
        @leading = assessment.leading.equal?(part)
        @contents = contents_of(state.happened.size)
        @belief = belief
        @seen = looks.filter_map { |at, data| see(contents_of(at), data) }.freeze
      end

      # Binding::Mix of what is written, by the figures that ship; nil where there is nothing.
      def planned = @planned ||= shipped_mix(contents.planned)

      # Mixes of what is in, and of that and what is to come, by what is believed now.
      def now = @now ||= mix(contents.now)

      def finished = @finished ||= mix(contents.finished)

      # "now" once all lines are in, else "finished": what a dose is reckoned for.
      def works_on = contents.all_in? ? NOW : FINISHED

      # The Mix of that.
      def judged = (works_on == NOW) ? now : finished

      # One sigma of the texture number of a Mix, in the rule of the band.
      def scale(mix) = [Binding::Uncertainty::LEAST_SCALE, Binding::Uncertainty::TOGETHER * Math.sqrt(belief.spread(slopes(mix)))].max

      # Binding::Rescue of the bowl as it is believed to be; nil where nothing can be judged.
      def rescue_from
        return unless want && judged && self.class.estimable?(judged)

        @rescue_from ||= Binding::Rescue.new(judged, want: want, measures: part.measures, lines_at: part.lines_at, opening: part.opening,
          resolver: part.resolver, library: library) { scale(judged) }
      end

      # Additions so far, as data of their events.
      def additions = @state.happened.select { |kind, data| kind == "addition" && mine?(data) }.map(&:last)

      # Grams of them, of all that is in.
      def added_share
        total = contents.grams_now
        total.positive? ? contents.now.select(&:addition).sum(&:grams) / total : 0.0
      end

      private

      def mine?(data) = data["component"] ? data["component"] == part.name : @leading

      # [place among what happened, data] of every look at this bowl; a coat is not judged by its texture.
      def looks
        return [] unless want

        @state.happened.each_with_index.filter_map { |(kind, data), at| [at, data] if kind == "looked" && mine?(data) }
      end

      def contents_of(count) = Contents.new(part, @state.with(happened: @state.happened.first(count)), leading: @leading)

      # What is seen is what is in; who says nothing of that made what is written.
      def see(contents, data)
        there = mix(contents.now.any? ? contents.now : contents.planned)
        return unless there && self.class.estimable?(there)

        helds = contents.now.any? ? contents.now : contents.planned
        look = Observation::Look.of(data, want)
        expected = there.saturation.number
        @amounts ||= Observation::Latent.amounts(part.name, amounts(there, helds))
        found = belief.see(look, expected, slopes(there))
        believe(found.belief)
        Seen.new(look: look, expected: expected, after: mix(helds).saturation.number, surprise: found.surprise)
      end

      def believe(belief)
        @belief = belief
        @library = @now = @finished = @rescue_from = nil
      end

      def library = @library ||= Observation::LearnedLibrary.new(@assessment.library, belief)

      # What is this formula's own, and this bowl's. Its amounts are off by the same at each look.
      def own = [Observation::Latent.offset(part.name), Observation::Latent.bowl(part.name, trial: @trial), @amounts].compact

      def slopes(mix) = {**Observation::Slopes.new(mix).figures, **own.to_h { |latent| [latent, 1.0] }}

      def amounts(mix, helds)
        slopes = Observation::Slopes.new(mix)
        mix.portions.zip(helds).sum { |portion, held| (slopes.amount(portion) * held.spread)**2 }
      end

      def taught
        Binding::Taught.new(masking: Binding::Saturation::LAMBDA + belief.mean(Observation::Latent::MASKING.key),
          offset: own.sum { |latent| belief.mean(latent.key) })
      end

      def mix(helds) = helds.empty? ? nil : mixed(helds, library, taught)

      def shipped_mix(helds) = helds.empty? ? nil : mixed(helds, @assessment.library, Binding::Taught.nothing)

      def mixed(helds, library, taught)
        Binding::Mix.new(helds.map(&:line), process: part.process, room_c: @assessment.formula.kitchen.room_c, library: library,
          taught: taught)
      end
    end
  end
end
