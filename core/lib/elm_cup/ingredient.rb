# frozen_string_literal: true

# What is in it? The library of ingredients, their forms and weights, the matching of typed names, lines read to grams.
require_relative "ingredient/composition"
require_relative "ingredient/ingredient"
require_relative "ingredient/weight"
require_relative "ingredient/binding_figures"
require_relative "ingredient/name_words"
require_relative "ingredient/form_words"
require_relative "ingredient/library"
require_relative "ingredient/match"
require_relative "ingredient/spelling"
require_relative "ingredient/matcher"
require_relative "ingredient/line"
require_relative "ingredient/in_measures"
require_relative "ingredient/weigher"
require_relative "ingredient/line_resolver"
