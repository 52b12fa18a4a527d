# frozen_string_literal: true

# Formula documents and their assessments, made short for the examples.
module Bowls
  extend self

  # A document of one component. lines: texts, or hashes as in the document.
  def formula(*lines, process: "hand", type: "dough", want: nil, shape: {"kind" => "ball", "piece_grams" => 18}, kitchen: nil,
    name: "Trial")
    component = {"name" => "dough", "type" => type, "process" => process, "want" => want,
                 "lines" => lines.map { |line| line.is_a?(String) ? {"text" => line} : line }}.compact
    {"elm_cup" => "formula/1", "name" => name, "components" => [component], "shape" => shape, "kitchen" => kitchen}.compact
  end

  # What there is to say of a document but the cold and the keeping, which take the most to work out and have specs of their own.
  def assess(document, **options) = ElmCup.assess(document, without: %w[cold keep], **options)

  # The assessed component of such a formula.
  def bowl(*lines, **options) = assess(formula(*lines, **options))["components"].first

  # S of such a formula.
  def saturation(*lines, **options) = bowl(*lines, **options).dig("saturation", "value")

  # The document after a JSON Patch, by a library that is not ours.
  def patched(document, patch) = Hana::Patch.new(patch).apply(JSON.parse(JSON.generate(document)))

  # What reads lines by a process, with the library that ships.
  def line_resolver(process, standard: ElmCup::Quantity::CupStandard::US)
    ElmCup::Ingredient::LineResolver.new(process: process, standard: standard, library: ElmCup.shipped)
  end

  # One typed line, read.
  def read(text, **options) = ElmCup.read_line(text, **options)

  # { "rolled oats" => 19.0 } as lines in grams.
  def in_grams(mix) = mix.map { |name, grams| "#{grams} g #{name}" }
end
