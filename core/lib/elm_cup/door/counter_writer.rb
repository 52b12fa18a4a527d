# frozen_string_literal: true

module ElmCup
  module Door
    # A Counter::Bowl as a Hash ("rescue/1"): the three that it is told as, what was seen of it, and what to do.
    module CounterWriter
      class << self
        # complaint: Counter::Complaint that is asked about, nil for none.
        def call(bowl, complaint: nil)
          course = Counter::Course.new(bowl)
          {
            "elm_cup" => "rescue/1", "component" => bowl.part.name, "want" => bowl.want, "works_on" => bowl.works_on,
            "bowls" => bowls(bowl), "seen" => bowl.seen.map { |seen| seen(seen) }, "course" => Json.of(course.said),
            "rescue" => RescueWriter.call(bowl.rescue_from, bowl.want) { |option| mixing(course, option) },
            "learned" => learned(bowl), "complaints" => complaints, "advice" => (advice(complaint, bowl) if complaint),
            "sums" => (WhyWriter.call(sums(bowl)) if bowl.judged)
          }.compact
        end

        private

        def bowls(bowl)
          contents = bowl.contents
          {"planned" => told(contents.planned, bowl.planned) { |mix| Binding::Uncertainty.new(mix).scale },
           "now" => told(contents.now, bowl.now) { |mix| bowl.scale(mix) },
           "finished" => told(contents.finished, bowl.finished) { |mix| bowl.scale(mix) }}
        end

        # The block gives the scale of the spread of a Mix.
        def told(helds, mix)
          answer = {"grams" => Json.round(helds.sum(&:grams), 2), "lines" => helds.map { |held| line(held) }}
          return answer unless mix && Counter::Bowl.estimable?(mix)

          number, scale = mix.saturation.number, yield(mix)
          low, high = [-scale, scale].map { |off| number + off * Binding::Uncertainty::TWO_IN_THREE }
          answer.merge("texture_number" => Json.round(number, 3), "texture" => mix.saturation.texture,
            "saturation" => {"value" => number, "low" => low, "high" => high}
                .transform_values { |each| Json.round(Binding::Texture.saturation(each), 3) },
            "texture_odds" => Binding::Uncertainty.odds_at(number, scale).transform_values { |share| Json.round(share, 3) })
        end

        def line(held)
          {"line" => held.pointer, "text" => held.line.label, "ingredient" => held.line.entry.id, "grams" => Json.round(held.grams, 2),
           "spread" => Json.round(held.spread, 3), "addition" => held.addition || nil}.compact
        end

        def seen(seen)
          {"low" => finite(seen.look.low), "high" => finite(seen.look.high), "mark" => seen.look.mark,
           "expected" => Json.round(seen.expected, 3), "after" => Json.round(seen.after, 3), "fits" => Json.round(seen.surprise.share, 3),
           "asked" => seen.surprise.asked? || nil}.compact
        end

        def finite(number) = (number if number.finite?)

        def mixing(course, option)
          words, minutes = course.mixing(option.line.entry)
          {"mixing" => words, "wait_minutes" => minutes}
        end

        # What moved, and how sure that is.
        def learned(bowl)
          bowl.belief.latents.map do |latent|
            {"key" => latent.key, "x" => Json.round(bowl.belief.mean(latent.key), 4), "prior_sd" => Json.round(latent.sd, 4),
             "sd" => Json.round(Math.sqrt(bowl.belief.variance(latent.key)), 4)}
          end
        end

        def complaints
          Counter::Complaint.all.map do |each|
            {"id" => each.id, "words" => each.words, "ask" => each.ask, "never" => each.never, "pinned" => each.pinned,
             "by_model" => each.by_model}.compact
          end
        end

        def advice(complaint, bowl)
          mix = bowl.now || bowl.planned
          grams = (bowl.now ? bowl.contents.now : bowl.contents.planned).sum(&:grams)
          {"complaint" => complaint.id,
           "rows" => Json.of(Counter::Advice.new(complaint, part: bowl.part, mix: mix, grams: grams.round(2)).all)}
        end

        def sums(bowl)
          taught = bowl.judged.saturation
          steps = Binding::Why.new(bowl.judged).steps
          steps + [Binding::Why::Step.new(figure: "texture_number_believed", value: taught.number, formula: "number + offset",
            inputs: {"number" => taught.number - taught.offset, "offset" => taught.offset},
            labels: {"number" => "by the figures as they are believed now", "offset" => "what this formula, and this bowl, are off by"},
            source: "what was seen: docs/model.md, Observation")]
        end
      end
    end
  end
end
