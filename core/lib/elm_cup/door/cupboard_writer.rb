# frozen_string_literal: true

module ElmCup
  module Door
    # A Balance::Cupboard as a Hash ("balance/1"): every line of a bowl is one that was put in.
    module CupboardWriter
      def self.call(cupboard)
        {
          "elm_cup" => BalanceWriter::VERSION, "wishes" => [], "answers" => cupboard.bowls.map { |made| bowl(made, cupboard.why(made)) },
          "clashes" => Json.of(cupboard.clashes), "notes" => cupboard.notes
        }
      end

      class << self
        private

        def bowl(made, why)
          change = Assessment::DietChange.of(Assessment::DietChange::NOTHING, made.answer.after)
          BalanceWriter.answer(made.answer).merge("before" => {}, **Json.of(change), "family" => made.bowl.family.id,
            "changes" => made.part.lines.map { |line| poured(line, made.part.name) }, "why" => why)
        end

        def poured(line, component)
          {"kind" => "added", "component" => component, "text" => line.label, "grams" => Json.round(line.grams, 2),
           "ingredient" => line.entry.id, "now" => line.label}
        end
      end
    end
  end
end
