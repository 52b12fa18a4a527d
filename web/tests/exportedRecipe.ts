import type { Recipe, WithContext } from 'schema-dts'

/** JSON-LD as it goes out, held to schema.org's type of a Recipe; a spec in Ruby holds it to what is exported. */
export const exportedRecipe: WithContext<Recipe> = {
  "@context": "https://schema.org",
  "@type": "Recipe",
  "name": "Fig and fennel bites",
  "recipeIngredient": [
    "8 dried figs",
    "1 tbsp water",
    "1 cup gluten-free oats, ground",
    "1/3 cup tahini",
    "60 g maple"
  ],
  "recipeInstructions": [
    {
      "@type": "HowToStep",
      "text": "Blend the figs."
    },
    {
      "@type": "HowToStep",
      "text": "Stir and roll."
    }
  ],
  "hasPart": [
    {
      "@type": "Recipe",
      "name": "filling",
      "recipeCategory": "filling",
      "recipeIngredient": [
        "8 dried figs",
        "1 tbsp water"
      ]
    },
    {
      "@type": "Recipe",
      "name": "dough",
      "recipeCategory": "dough",
      "recipeIngredient": [
        "1 cup gluten-free oats, ground",
        "1/3 cup tahini",
        "60 g maple"
      ]
    }
  ],
  "recipeYield": "17 pieces",
  "description": "17 balls of 18 g: 31 mm across.",
  "suitableForDiet": [
    "https://schema.org/VeganDiet",
    "https://schema.org/VegetarianDiet",
    "https://schema.org/GlutenFreeDiet"
  ],
  "nutrition": {
    "@type": "NutritionInformation",
    "calories": "67 kcal",
    "servingSize": "1 piece (18.0 g)",
    "proteinContent": "1.6 g",
    "fatContent": "2.9 g",
    "saturatedFatContent": "0.4 g",
    "carbohydrateContent": "9.4 g",
    "sugarContent": "4.2 g",
    "fiberContent": "1.4 g",
    "sodiumContent": "4 mg"
  },
  "encoding": [
    {
      "@type": "MediaObject",
      "encodingFormat": "application/vnd.elm-cup.formula+json",
      "text": "{\"elm_cup\":\"formula/1\",\"name\":\"Fig and fennel bites\",\"components\":[{\"name\":\"filling\",\"type\":\"filling\",\"process\":\"processor\",\"lines\":[{\"text\":\"8 dried figs\"},{\"text\":\"1 tbsp water\"}]},{\"name\":\"dough\",\"lines\":[{\"text\":\"1 cup gluten-free oats, ground\"},{\"text\":\"1/3 cup tahini\"},{\"ingredient\":\"maple\",\"grams\":60}],\"takes\":[{\"component\":\"filling\",\"share\":0.5}]}],\"shape\":{\"kind\":\"ball\",\"piece_grams\":18},\"notes\":[\"Blend the figs.\",\"Stir and roll.\"]}"
    }
  ]
}
