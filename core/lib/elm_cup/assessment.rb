# frozen_string_literal: true

require_relative "assessment/figures"
require_relative "assessment/want"
require_relative "assessment/read_component"
require_relative "assessment/line_answer"
require_relative "assessment/component_answer"
require_relative "assessment/formula_answer"

module ElmCup
  # The one answer that the screens, the API and bin/elm show: everything the core can say about a formula document.
  module Assessment
    # The answer as a Hash ready for JSON ("assessment/1"). InvalidDocument when the document cannot be taken.
    def self.of(document, library: Ingredient::Library.default)
      formula = Document::Formula.from(document)
      components = formula.components.each_with_index.map { |each, index| ReadComponent.new(each, index, formula, library) }
      FormulaAnswer.new(formula, components).to_h
    end

    # [component name, Ingredient::Line, pointer] of every line of an assessed document that is not read.
    def self.flagged(answer)
      answer["components"].each_with_index.flat_map do |component, index|
        component["lines"].each_with_index.reject { |line, _| line["status"] == "read" }
          .map { |line, at| {"component" => component["name"], "pointer" => "/components/#{index}/lines/#{at}", **line.slice("text", "status", "message")} }
      end
    end
  end
end
