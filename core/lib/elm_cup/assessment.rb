# frozen_string_literal: true

require_relative "assessment/figures"
require_relative "assessment/want"
require_relative "assessment/taken"
require_relative "assessment/take_reader"
require_relative "assessment/read_component"
require_relative "assessment/flavour"
require_relative "assessment/read_formula"
require_relative "assessment/piece_parts"
require_relative "assessment/said_of_diets"
require_relative "assessment/line_answer"
require_relative "assessment/rescue_answer"
require_relative "assessment/why_answer"
require_relative "assessment/component_answer"
require_relative "assessment/flavour_answer"
require_relative "assessment/wished"
require_relative "assessment/come_and_gone"
require_relative "assessment/locked_lines"
require_relative "assessment/formula_answer"

module ElmCup
  # The one answer that the screens, the API and bin/elm show: everything the core can say about a formula document.
  module Assessment
    # The answer as a Hash ready for JSON ("assessment/1"). InvalidDocument when the document cannot be taken.
    def self.of(document, library: Ingredient::Library.default)
      FormulaAnswer.new(ReadFormula.new(Document::Formula.from(document), library)).to_h
    end

    # Every line of an assessed document that is not read and every share that cannot be taken: component, pointer, text,
    # status and message of each.
    def self.flagged(answer)
      parts = %w[components splits].flat_map { |list| (answer[list] || []).each_with_index.map { |part, at| [part, "/#{list}/#{at}"] } }
      parts.flat_map do |part, pointer|
        %w[lines topping takes].flat_map do |key|
          waiting = (part[key] || []).each_with_index.reject { |each, _| each["status"] == "read" }
          waiting.map { |each, at| flag(part, "#{pointer}/#{key}/#{at}", each) }
        end
      end
    end

    def self.flag(part, pointer, each)
      {"component" => part["name"], "pointer" => pointer, "text" => each["text"] || "a share of #{each["component"]}", **each.slice("status", "message")}
    end
    private_class_method :flag
  end
end
