# frozen_string_literal: true

# The computation of Elm Cup. Folders in the order a cook asks; each leans only on those above it.
require_relative "elm_cup/value"
require_relative "elm_cup/errors"
require_relative "elm_cup/data_table"
require_relative "elm_cup/json_faults"
require_relative "elm_cup/quantity"
require_relative "elm_cup/ingredient"
require_relative "elm_cup/mixture"
require_relative "elm_cup/binding"
require_relative "elm_cup/piece"
require_relative "elm_cup/cold"
require_relative "elm_cup/balance"
require_relative "elm_cup/second_look"
require_relative "elm_cup/document"
require_relative "elm_cup/assessment"
require_relative "elm_cup/proposal"
require_relative "elm_cup/conversion"
require_relative "elm_cup/import"
require_relative "elm_cup/export"
require_relative "elm_cup/comparison"
require_relative "elm_cup/scaling"
require_relative "elm_cup/pantry"
require_relative "elm_cup/pantry_answer"
require_relative "elm_cup/pantry_csv"
require_relative "elm_cup/catalogue"

# The doors of the core: what the server and bin/elm call.
module ElmCup
  # A formula document from JSON text (bytes). InvalidDocument when it is not JSON within the limits.
  def self.read_json(bytes) = Document::JsonReader.read(bytes)

  # The assessment of a parsed formula document, as a Hash ready for JSON. InvalidDocument when it cannot be taken.
  # `pantry` is an Ingredient::Library of `pantry`, where the household has ingredients of its own.
  def self.assess(document, pantry: Ingredient::Library.default) = Assessment.of(document, library: pantry)

  # The library with the household's own ingredients (Hashes, docs/ingredient.schema.json) over it. InvalidDocument at every fault.
  def self.pantry(ingredients, currency: Pantry::USUAL_CURRENCY) = Pantry.library(ingredients, currency: currency)

  # Every row of a library with all its figures, sources and spreads, as Hashes.
  def self.pantry_rows(pantry = Ingredient::Library.default) = PantryAnswer.rows(pantry)

  # One ingredient from its pack's label, checked, as a Hash ("label/1"). InvalidDocument where the label cannot be true.
  def self.label(said) = Pantry.label(said)

  # The household's own ingredients of CSV bytes as Hashes; and Hashes as CSV. InvalidDocument naming row and column.
  def self.read_pantry_csv(bytes)
    rows = PantryCsv.read(bytes)
    begin
      Pantry.library(rows)
    rescue InvalidDocument => error
      raise PantryCsv.rename(error)
    end
    rows
  end

  def self.write_pantry_csv(ingredients) = PantryCsv.write(ingredients)

  # The lines of an assessment that are not read, each with component, pointer, text, status and message.
  def self.flagged(assessment) = Assessment.flagged(assessment)

  # A typed amount in another unit, as a Hash. UnreadableText when it cannot be done.
  def self.convert(text, to: "g", cup: "us") = Conversion.call(text, to: to, cup: cup)

  # One typed line on its own, as a Hash like a line of an assessment. `ingredient` is the id that the cook said it is;
  # where she said it of the line `was`, it holds while the text names the same thing, and the answer's `chosen` tells.
  def self.read_line(text, ingredient: nil, was: nil, process: "hand", cup: "us", spoons: Quantity::KitchenMeasures::SPOONS, pantry: Ingredient::Library.default)
    standard = Quantity::CupStandard.find(cup)
    line = Ingredient::LineResolver.new(process: process, standard: standard, library: pantry).resolve(text, chosen: ingredient, was: was)
    Assessment::LineAnswer.of(line, nil, 0, Quantity::KitchenMeasures.new(standard: standard, spoons: spoons), pantry)
  end

  # A typed line with its last amount so many spoon steps larger, smaller where negative.
  def self.nudge(text, steps) = Quantity::Nudge.call(text, steps)

  # What can be chosen from, as a Hash: ingredients, scoops, textures and their edges, cup standards, spoons, the usual kitchen.
  def self.library(pantry = Ingredient::Library.default) = Catalogue.of(pantry)

  # A formula document with every amount times `factor`, exactly. InvalidDocument when it cannot be taken.
  def self.scale(document, factor)
    Document::Schema.check(document)
    Document::Scale.call(document, factor)
  end

  # A recipe as it comes, text, JSON-LD or a formula document, as a Hash ("import/1") with the formula document it makes, what each
  # line was read as, and what was not understood. InvalidDocument when nothing can be made of it.
  def self.import(bytes, pantry: Ingredient::Library.default) = Import.call(bytes, library: pantry)

  # A formula document as text: "json", "jsonld", "md" or "csv". InvalidDocument when it cannot be taken.
  def self.export(document, format, pantry: Ingredient::Library.default) = Export.call(document, format, library: pantry)

  # Two formula documents side by side, as a Hash ("compare/1"): lines with their grams, and figures, of both.
  def self.compare(before, after, pantry: Ingredient::Library.default) = Comparison.call(before, after, library: pantry)

  # The same and how it turns out, as a Hash ("scale/1"): to a factor, to a number of pieces of so many grams, or to the grams of the
  # whole; each line's nearest measure with its error, and what does not scale. InvalidDocument when it cannot be done.
  def self.scaling(document, pantry: Ingredient::Library.default, **wanted) = Scaling.call(document, library: pantry, **wanted)

  # Up to three formulas that grant the wishes with the least change, or which wishes clash and what each would have to give, as a Hash
  # ("balance/1"). InvalidDocument where it cannot be asked. See Proposal.balance for the options.
  def self.balance(document, pantry: Ingredient::Library.default, **options) = Proposal.balance(document, library: pantry, **options)

  # What can be taken instead of one ingredient for a reason, with the amount that keeps the texture, as a Hash ("substitute/1").
  def self.substitute(document, line:, reason:, pantry: Ingredient::Library.default, **options)
    Proposal.substitute(document, line: line, reason: reason, library: pantry, **options)
  end

  # Up to three different bowls of what there is, as a Hash ("balance/1"). said: a parsed cupboard document (docs/cupboard.schema.json).
  def self.cupboard(said, pantry: Ingredient::Library.default, **options) = Proposal.cupboard(said, library: pantry, **options)

  # A formula for one or two pieces, in grams, drops and pinches, as a Hash ("trial/1"). scale: steps that the scale shows, .1 or 1 g.
  def self.trial(document, pantry: Ingredient::Library.default, **options) = Proposal.trial(document, library: pantry, **options)

  # Doses for a bowl that nobody wrote down, as a Hash ("rescue/1"). said: a parsed bowl document (docs/bowl.schema.json).
  def self.rescue_bowl(said, pantry: Ingredient::Library.default) = Proposal.rescue_bowl(said, library: pantry)

  # What a cook types for a wish ("less sweet", "under 90 kcal", "no peanut"), as a Hash: wish, words, now, met, and all wishes of the
  # document with it. document: nil where there is no bowl yet; component: the name of the part that it is said of. InvalidDocument where it means none.
  def self.wish(document, text, component: nil, pantry: Ingredient::Library.default)
    Proposal.wish(document, text, component: component, library: pantry)
  end

  # The name of the component that stands for the whole, of the components of a document or an assessment.
  def self.leading(components) = Document::Leading.name(components)

  # nil, or InvalidDocument: whether a parsed formula document can be kept.
  def self.check(document) = Document::Schema.check(document)
end
