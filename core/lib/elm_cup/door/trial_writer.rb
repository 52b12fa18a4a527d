# frozen_string_literal: true

module ElmCup
  module Door
    # A Balance::Trial as a Hash ("trial/1").
    module TrialWriter
      def self.call(trial)
        {
          "elm_cup" => "trial/1", "pieces" => trial.pieces, "piece_grams" => Json.round(trial.piece_grams, 2), "scale" => trial.scale.to_f,
          "grams" => Json.round(trial.after.grams, 2), "share" => Json.round(trial.factor, 6),
          "lines" => trial.lines.map { |each| line(each) },
          "document" => trial.document, "components" => trial.after.components.zip(trial.before.components)
            .map { |now, was| textures(now, was) },
          "sums" => [WhyWriter.step(trial.share_step), *BalanceWriter.part_sums(trial.after)], "notes" => trial.notes
        }
      end

      class << self
        private

        def line(line)
          {
            "component" => line.component, "was" => line.was, "text" => line.text, "ingredient" => line.ingredient,
            "grams" => Json.round(line.grams, 2),
            "wanted_grams" => Json.round(line.wanted, 3), "error_pct" => line.error_pct, "left_out" => line.left_out || nil
          }.compact
        end

        def textures(now, was)
          {
            "name" => now.name, "texture" => now.texture, "saturation" => saturation(now), "bowl_texture" => was.texture,
            "bowl_saturation" => saturation(was)
          }.compact
        end

        def saturation(part) = (SaturationWriter.call(part.verdict) if part.estimable?)
      end
    end
  end
end
