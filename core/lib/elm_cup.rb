# frozen_string_literal: true

# The computation of Elm Cup. Folders in the order a cook asks; each leans only on those above it.
require_relative "elm_cup/value"
require_relative "elm_cup/errors"
require_relative "elm_cup/data_table"
require_relative "elm_cup/quantity"
require_relative "elm_cup/ingredient"
require_relative "elm_cup/mixture"
require_relative "elm_cup/binding"
require_relative "elm_cup/piece"
require_relative "elm_cup/cold"
require_relative "elm_cup/second_look"
require_relative "elm_cup/document"
require_relative "elm_cup/assessment"
require_relative "elm_cup/conversion"
require_relative "elm_cup/scaling"
require_relative "elm_cup/catalogue"

# The doors of the core: what the server and bin/elm call.
module ElmCup
  # A formula document from JSON text (bytes). InvalidDocument when it is not JSON within the limits.
  def self.read_json(bytes) = Document::JsonReader.read(bytes)

  # The assessment of a parsed formula document, as a Hash ready for JSON. InvalidDocument when it cannot be taken.
  def self.assess(document) = Assessment.of(document)

  # The lines of an assessment that are not read, each with component, pointer, text, status and message.
  def self.flagged(assessment) = Assessment.flagged(assessment)

  # A typed amount in another unit, as a Hash. UnreadableText when it cannot be done.
  def self.convert(text, to: "g", cup: "us") = Conversion.call(text, to: to, cup: cup)

  # One typed line on its own, as a Hash like a line of an assessment. `ingredient` is the id that the cook said it is;
  # where she said it of the line `was`, it holds while the text names the same thing, and the answer's `chosen` tells.
  def self.read_line(text, ingredient: nil, was: nil, process: "hand", cup: "us", spoons: Quantity::KitchenMeasures::SPOONS)
    standard = Quantity::CupStandard.find(cup)
    line = Ingredient::LineResolver.new(process: process, standard: standard).resolve(text, chosen: ingredient, was: was)
    Assessment::LineAnswer.of(line, nil, 0, Quantity::KitchenMeasures.new(standard: standard, spoons: spoons), Ingredient::Library.default)
  end

  # A typed line with its last amount so many spoon steps larger, smaller where negative.
  def self.nudge(text, steps) = Quantity::Nudge.call(text, steps)

  # What can be chosen from, as a Hash: ingredients, scoops, textures and their edges, cup standards, spoons, the usual kitchen.
  def self.library = Catalogue.of(Ingredient::Library.default)

  # A formula document with every amount times `factor`, exactly. InvalidDocument when it cannot be taken.
  def self.scale(document, factor)
    Document::Schema.check(document)
    Document::Scale.call(document, factor)
  end

  # The same and how it turns out, as a Hash ("scale/1"): to a factor, to a number of pieces of so many grams, or to the grams of the
  # whole; each line's nearest measure with its error, and what does not scale. InvalidDocument when it cannot be done.
  def self.scaling(document, **wanted) = Scaling.call(document, **wanted)

  # nil, or InvalidDocument: whether a parsed formula document can be kept.
  def self.check(document) = Document::Schema.check(document)
end
