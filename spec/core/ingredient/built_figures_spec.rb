# frozen_string_literal: true

# Rows of binding.csv say in their source how they were come by; here each rule is worked again from the row it leans on.
# Source of the rules: docs/model.md, Binding, "a new ingredient from its composition"; common practice.
RSpec.describe "The binding figures that a rule gives" do
  library = ElmCup.shipped
  rows = ElmCup::DataTable.rows("binding")
  figures = ->(row) { %w[a b o d].map { |key| row[key].to_f } }
  parts = ->(row) { library[row["ingredient"]].composition.then { |whole| [whole.water / 100, whole.fat / 100] } }
  # ingredient and form that "as …" means
  named = {
    "other nut flour" => %w[almond-flour ground], "granulated sugar" => %w[sugar-granulated granulated],
    "brown sugar" => %w[sugar-brown granulated], "powdered sugar" => %w[sugar-powdered powder], "cut oats" => %w[oats-rolled cut],
    "cookie crumbs" => %w[cookie-crumbs crumbs],
    "tahini" => %w[tahini smooth],
    "cocoa" => %w[cocoa powder], "dark chocolate" => %w[chocolate-dark melted], "water" => %w[water liquid],
    "quick oats" => %w[oats-quick rolled], "plant milk" => %w[milk-plant liquid], "whole milk" => %w[milk-whole liquid],
    "protein powder" => %w[protein-powder powder], "oil" => %w[oil-neutral oil], "puffed rice" => %w[puffed-rice whole],
    "the plant protein powders" => %w[protein-powder-plant powder], "the root powders" => %w[maca powder],
    "the spices and root powders" => %w[maca powder]
  }

  rules = {
    /\Abuilt: (?:ground to butter, )?fat\/\.91 and \.74 of the rest/ => ->(_, _, fat) { [0, 0, fat / 0.91, 0.74 * (1 - fat)] },
    /\Abuilt: pulp at moisture M, b/ => ->(_, water, _) { [0, 0.52 + 2.5 * (water - 0.22), 0, 0.46 * (1 - water) / 0.78] },
    /\Abuilt: puree at moisture M/ => ->(_, water, _) { [0, 0.745 + 0.35 * (water - 0.31), 0, 0.407 + 0.25 * (water - 0.31)] },
    /\Abuilt: a quarter of its fat/ => ->(row, _, fat) { [0, 0, 0.25 * fat / 0.91, row["d"].to_f] },
    /\Abuilt: 2\.5 water share,? (?:and )?fat share L\/\.91/ => ->(row, water, fat) { [2.5 * water, 0, fat / 0.91, row["d"].to_f] },
    /\Abuilt: 2\.5 (?:times its water|water share)\z/ => ->(_, water, _) { [2.5 * water, 0, 0, 0] },
    /built: ready syrup 1\/(\d\.\d+)\z/ => ->(row, _, _) { [1 / row["source"][/1\/(\d\.\d+)/, 1].to_f, 0, row["o"].to_f, 0] },
    /built: ready syrup 1\/(\d\.\d+) less its fat/ => ->(row, _, fat) {
      [1 / row["source"][/1\/(\d\.\d+)/, 1].to_f - fat / 0.91, 0, fat / 0.91, 0]
    },
    /\Aas (.+?)(?:[,;].*)?\z/ => ->(row, _, _) {
      like = named.fetch(row["source"][/\Aas (.+?)(?:[,;:].*)?\z/, 1])
      figures.call(rows.find { |other| [other["ingredient"], other["form"]] == like })
    },
    /\Ahalf of b/ => ->(row, _, _) {
      paste = figures.call(rows.find { |other| other["ingredient"] == row["ingredient"] && other["form"] == "paste" })
      paste.zip([1, 0.5, 1, 1]).map { |figure, share| figure * share }
    },
    /\Ainclusion/ => ->(*) { [0, 0, 0, 0.05] }
  }

  rules.each do |pattern, rule|
    it "agree with it: #{pattern.source.delete("\\").delete_prefix("A")}" do
      ruled = rows.select { |row| row["source"].match?(pattern) }.map { |row| [row, rule.call(row, *parts.call(row))] }
      expect(ruled.size).to be >= 1
      off = ruled.select { |row, wanted|
        figures.call(row).zip(wanted).any? { |ours, theirs| (ours - theirs).abs > [0.035, 0.06 * theirs].max }
      }
      expect(off.map { |row, wanted| [row["ingredient"], row["form"], figures.call(row), wanted.map { |figure| figure.round(3) }] })
        .to eq([])
    end
  end
end
