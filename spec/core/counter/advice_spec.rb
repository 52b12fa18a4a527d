# frozen_string_literal: true

require "spec_helper"

# The decision table: what is wrong at the counter, and what to do about it.
RSpec.describe ElmCup::Counter::Advice do
  def advice(complaint, *lines, **options)
    part = ElmCup::Assessment.of(formula(*lines, **options), library: ElmCup.shipped).components.first
    described_class.new(ElmCup::Counter::Complaint.named(complaint), part: part, mix: part.mix, grams: part.grams.to_f).all
  end

  nutty = ["250 g peanut butter", "60 g honey", "60 g powdered sugar", "130 g oat flour"]
  complaints = ElmCup::Counter::Complaint.all

  # Source: docs/model.md, At the counter: the rows, common practice.
  it "has a row for each of eighteen things, the two that hurt first" do
    expect(complaints.size).to eq(18)
    expect(complaints.select(&:pinned).map(&:id)).to eq(complaints.first(2).map(&:id)).and eq(%w[pit wrong_ingredient])
    expect(complaints.select(&:by_model).map(&:id)).to eq(%w[too_dry too_wet])
    expect(complaints.flat_map(&:rows).map(&:source).uniq).to eq(["common practice"])
    expect(complaints.map(&:id)).to all(satisfy { |id| advice(id, *nutty).any? || id == "too_dry" })
  end

  it "knows every ingredient, circumstance and word of its rows" do
    rows = complaints.flat_map(&:rows)
    ids = rows.flat_map { |row| row.ingredient.to_s.split("|") } - ["lead"]
    expect(ids).to all(satisfy { |id| ElmCup.shipped[id] })
    expect { rows.each { |row| ElmCup::Counter::Circumstances.new(nil).hold?(row.only) } }.not_to raise_error
    expect(rows.select(&:amount)).to all(have_attributes(words: include("%{amount}"), per_grams: be_positive))
  end

  # Source: the same: 1 tsp coconut oil a 85 g of chocolate, 2 to 3 tsp for a seized bowl of 85 to 170 g.
  it "measures for as much as there is, half of it first" do
    thick = advice("chocolate_thick", "170 g dark chocolate", type: "coating").last
    expect(thick.text).to eq("Stir in 2 tsp coconut oil, once more if it needs it")
    expect([thick.first_text, thick.grams.round]).to eq(["1 tsp coconut oil", 9])
    seized = advice("seized", "127 g dark chocolate", type: "coating").first
    expect(seized.grams).to be_between(9, 14)
    fat = advice("will_not_set_fat", *nutty)
    expect(fat.find { |row| row.ingredient == "cocoa-butter" }.grams).to be_within(0.5).of(25)
  end

  it "goes by what leads the bowl" do
    expect(advice("gritty_sugar", *nutty).first.text).to start_with("It will not dissolve in fat")
    expect(advice("gritty_sugar", "300 g soft dates", "60 g granulated sugar", "100 g almond flour", process: "processor").first.text)
      .to match(/\AWork in .* warm water, and wait\z/)
    expect(advice("falls_apart", "200 g oats", "100 g honey", "60 g almond flour").filter_map(&:ingredient)).to eq(["honey"])
    expect(advice("will_not_set_syrup", "200 g honey", "100 g dark chocolate", "60 g oats").map(&:text).join).not_to include("bake")
  end

  it "brings no allergen into a bowl that has none" do
    greasy = ->(*lines) { advice("greasy", *lines).find { |row| row.text.start_with?("Knead in") }&.ingredient }
    expect(greasy["200 g almond butter", "60 g almond flour"]).to eq("almond-flour")
    expect(greasy["200 g sunflower seed butter", "60 g milk powder"]).to eq("milk-powder")
    expect(greasy["200 g sunflower seed butter", "60 g coconut flour"]).to be_nil
  end

  it "warns in words before it helps: what to look at, and what never to do" do
    expect(complaints.reject(&:by_model).count(&:ask)).to be >= 8
    expect(ElmCup::Counter::Complaint.named("seized"))
      .to have_attributes(never: "use it if it smells burnt", ask: /Was it hotter than 55 °C/)
  end
end
