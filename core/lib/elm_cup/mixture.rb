# frozen_string_literal: true

# What is in the bowl? Mass, composition, nutrition, sugars, sweetness, allergens, diets.
require_relative "mixture/mixture"
require_relative "mixture/sweetness"
require_relative "mixture/nutrition"
require_relative "mixture/polyol_caution"
require_relative "mixture/allergens"
require_relative "mixture/diets"
require_relative "mixture/label_rounding"
require_relative "mixture/day_sugar"
require_relative "mixture/density"
require_relative "mixture/cost"
