# frozen_string_literal: true

module ElmCup
  module Door
    # An Assessment::Scaling as a Hash ("scale/1"): each line with its nearest measure, and what does not scale.
    module ScalingWriter
      LINE = %w[text grams kitchen].freeze

      def self.call(scaling)
        {
          "elm_cup" => "scale/1", "document" => scaling.document, "factor" => Quantity::FractionText.mixed(scaling.factor),
          "grams_before" => Json.round(scaling.before.grams, 2), "grams" => Json.round(scaling.after.grams, 2),
          "asked_grams" => Json.round(scaling.asked, 2), "error_pct" => Json.round(scaling.error_pct, 2),
          "pieces" => scaling.after.pieces.together&.count,
          "lines" => lines(scaling), "not_scaled" => Assessment::Scaling::NOT_SCALED
        }.compact
      end

      def self.lines(scaling)
        scaling.parts.flat_map do |was, now|
          now.lines.each_with_index.map do |line, at|
            {"component" => now.name, "was" => was.lines[at].label,
             **LineWriter.call(line, now.portion(at), now.bowl.grams, now.measures, now.library).slice(*LINE)}
          end
        end
      end
      private_class_method :lines
    end
  end
end
