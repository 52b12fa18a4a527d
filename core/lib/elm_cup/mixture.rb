# frozen_string_literal: true

# What is in the bowl? Mass, composition, nutrition, sugars, sweetness, allergens, diets.
require_relative "mixture/mixture"
require_relative "mixture/sweetness"
require_relative "mixture/nutrition"
require_relative "mixture/diets"
require_relative "mixture/density"
