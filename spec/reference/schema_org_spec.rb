# frozen_string_literal: true

# The JSON-LD that goes out against schema.org's own shape of a Recipe: web/tests/exportedRecipe.ts holds it as a value of the
# type `Recipe` of schema-dts 2.1.0 (npm, Apache 2.0; made from schema.org's vocabulary), which the type check of the web holds it to.
RSpec.describe "JSON-LD of a formula" do
  file = File.expand_path("../../web/tests/exportedRecipe.ts", __dir__)
  document = {
    "elm_cup" => "formula/1", "name" => "Fig and fennel bites", "components" => [
      {"name" => "filling", "type" => "filling", "process" => "processor",
       "lines" => [{"text" => "8 dried figs"}, {"text" => "1 tbsp water"}]},
      {"name" => "dough", "lines" => [{"text" => "1 cup gluten-free oats, ground"}, {"text" => "1/3 cup tahini"},
        {"ingredient" => "maple", "grams" => 60}], "takes" => [{"component" => "filling", "share" => 0.5}]}
    ], "shape" => {"kind" => "ball", "piece_grams" => 18}, "notes" => ["Blend the figs.", "Stir and roll."]
  }

  it "is the value that the type check sees" do
    written = File.read(file)[/= (\{.*\})\n/m, 1]
    expect(JSON.parse(written)).to eq(JSON.parse(ElmCup.export(document, "jsonld")))
  end

  it "carries what a Recipe has" do
    recipe = JSON.parse(ElmCup.export(document, "jsonld"))
    expect(recipe["recipeIngredient"])
      .to eq(["8 dried figs", "1 tbsp water", "1 cup gluten-free oats, ground", "1/3 cup tahini", "60 g maple"])
    expect(recipe["suitableForDiet"]).to include("https://schema.org/VeganDiet", "https://schema.org/GlutenFreeDiet")
    expect(recipe["nutrition"]["calories"]).to match(/\A\d+ kcal\z/)
    expect(recipe["recipeYield"]).to match(/\A\d+ pieces\z/)
  end
end
