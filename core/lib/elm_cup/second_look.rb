# frozen_string_literal: true

# What would a careful friend notice? One rule a file.
require_relative "second_look/finding"
require_relative "second_look/table"
require_relative "second_look/line_remedy"
require_relative "second_look/swaps"
require_relative "second_look/no_salt"
require_relative "second_look/no_sweetener"
require_relative "second_look/gritty_sugar"
require_relative "second_look/whole_flax"
require_relative "second_look/whole_dates"
require_relative "second_look/pits"
require_relative "second_look/raw_flour"
require_relative "second_look/water_in_chocolate"
require_relative "second_look/powder_at_once"
require_relative "second_look/no_stir_butter"
require_relative "second_look/honey_and_infants"
require_relative "second_look/xylitol_and_dogs"
require_relative "second_look/same_amount"
require_relative "second_look/need_broken"
require_relative "second_look/one_line_breaks_diet"
require_relative "second_look/oats_not_marked"

module ElmCup
  module SecondLook
    # Rules that look at one component, and those that look at the whole formula.
    COMPONENT_RULES = [NoSalt, NoSweetener, GrittySugar, WholeFlax, WholeDates, Pits, RawFlour, WaterInChocolate, PowderAtOnce, NoStirButter].freeze
    FORMULA_RULES = [NeedBroken, SameAmount, OneLineBreaksDiet, OatsNotMarked, HoneyAndInfants, XylitolAndDogs].freeze
    IDS = [*FORMULA_RULES, *COMPONENT_RULES].map { |rule| rule::ID }.freeze

    # There is a rule with this id.
    def self.rule?(id) = IDS.include?(id)

    # Every Finding about a Whole: what concerns all of it first, then each component in turn.
    def self.findings(whole)
      FORMULA_RULES.flat_map { |rule| rule.look(whole) } + whole.tables.flat_map { |table| COMPONENT_RULES.flat_map { |rule| rule.look(table) } }
    end
  end
end
