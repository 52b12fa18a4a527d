# frozen_string_literal: true

module ElmCup
  module Door
    # Pieces and coat of an Assessment in full, as a Hash ("shape/1").
    module ShapeWriter
      VERSION = "shape/1"

      def self.call(assessment)
        sections = %w[choices coat_card practice].to_h { |name| [name, AssessmentWriter.section(assessment.section(name))] }
        chosen, card = sections.values_at("choices", "coat_card")
        {
          "elm_cup" => VERSION, "name" => assessment.name, "shape" => assessment.formula.shape&.said, "lives" => assessment.formula.lives,
          "pieces" => pieces(assessment, chosen["rounds"]), "coat" => coat(assessment, card), "choices" => chosen["choices"] || [],
          "top_view" => chosen["top_view"],
          "practice" => sections.dig("practice", "practice") || [], "findings" => findings(assessment),
          "notes" => assessment.notes
        }.compact
      end

      class << self
        private

        def pieces(assessment, rounds)
          together = assessment.pieces.together or return
          Json.of(together).merge("finished_piece_grams" => Json.round(assessment.coat.piece_with_coat, 2), "rounds" => rounds,
            "why" => WhyWriter.call(Piece::Why.new(assessment.formed_layers, together).steps)).compact
        end

        def coat(assessment, card)
          need = assessment.coat.need or return
          Json.of(need.figures).merge(card.fetch("coat_card"), "size_chart" => card["size_chart"], "why" => WhyWriter.call(Coating::Why.new(need).steps))
        end

        # Those of rules about pieces and coats.
        def findings(assessment)
          found = assessment.findings.heard.select { |each| SecondLook::SHAPE_IDS.include?(each.rule) }
          Json.of(found)
        end
      end
    end
  end
end
