# frozen_string_literal: true

require "csv"

# Materials of the check cases, and bodies in the cold, made short for the examples.
module Chilling
  TABLES = File.expand_path("../reference/tables", __dir__)
  # Composition in 100 g of what the check cases are made of, their fat and how they hold: docs/model.md, Firmness.
  INGREDIENTS = CSV.read(File.join(TABLES, "check_ingredients.csv"), headers: true).to_h { |row| [row["name"], row.to_h] }
  # Doughs that several examples chill, in grams.
  PEANUT = {"peanut_butter" => 190, "coconut_flour" => 40, "maple_syrup" => 60}.freeze

  def self.table(name) = CSV.read(File.join(TABLES, "#{name}.csv"), headers: true).map(&:to_h)

  # "a:1|b:2" as { "a" => 1.0 }
  def self.amounts(text) = text.split("|").to_h { |pair| pair.split(":").then { |name, grams| [name, grams.to_f] } }

  def composition(**grams)
    ElmCup::Ingredient::Composition.new(ElmCup::Ingredient::Composition::ALL.map { |part| grams.fetch(part, 0).to_f })
  end

  # The Cold::Material of grams of check ingredients; apart: names whose fat stays in its pieces.
  def material(grams, apart: [], tempered: false, air: 0.0)
    parts = Array.new(ElmCup::Ingredient::Composition::ALL.size, 0.0)
    fats = Hash.new(0.0)
    soaked = grams.sum(0.0) do |name, mass|
      row = INGREDIENTS.fetch(name)
      own = composition(**%w[water protein fat mono di starch fibre ash].to_h { |part| [part.to_sym, row[part]] })
      own.add_to(parts, mass / 100.0)
      fats[row["fat_type"]] += own.fat * mass / 100.0 unless apart.include?(name)
      ElmCup::Cold::Material.dry_ml(own) * mass / 100.0 * (row["bind"].to_f - 1)
    end
    ElmCup::Cold::Material.new(composition: ElmCup::Ingredient::Composition.new(parts),
      blend: ElmCup::Fat::Blend.new(fats, tempered: tempered),
      soaked_ml: soaked, air: air)
  end

  # The Cold::Substance of it, so warm.
  def substance(grams, start_c: 22.0, name: "dough", poured: false, shell: false, **more)
    ElmCup::Cold::Substance.new(name: name, material: material(grams, **more),
      start_c: start_c.to_f, start_words: nil, brittle: false, poured: poured, shell: shell)
  end

  # Air of a place that nobody measured; run: :typical, :quick or :slow.
  def air(kind, run = :typical, celsius: {"freezer" => -18.0, "fridge" => 4.0, "room" => 21.0}.fetch(kind))
    ElmCup::Cold::Place.new(kind: kind, celsius: celsius).public_send(run)
  end

  # Minutes until the last layer has so many kPa, nil where it does not come to that.
  def minutes(layers, form:, kpa:, air:, hours: 4, **more)
    ElmCup::Cold::Chill.of(layers.map { |each, mm| [each, mm, each.start_c] }, form: form, judged: layers.size - 1, air: air, kpa: kpa,
      hours: hours, **more).minutes
  end
end

RSpec.configure { |config| config.include Chilling }
