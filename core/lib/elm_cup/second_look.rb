# frozen_string_literal: true

# What would a careful friend notice? One rule a file.

module ElmCup
  module SecondLook
    # Rules that look at one component, and those that look at the whole formula.
    COMPONENT_RULES = [NoSalt, NoSweetener, GrittySugar, WholeFlax, WholeDates, Pits, RawFlour, WaterInChocolate, PowderAtOnce,
      NoStirButter].freeze
    FORMULA_RULES = [NeedBroken, SameAmount, OneLineBreaksDiet, OatsNotMarked, HoneyAndInfants, XylitolAndDogs].freeze
    IDS = [*FORMULA_RULES, *COMPONENT_RULES].map { |rule| rule::ID }.freeze

    # There is a rule with this id.
    def self.rule?(id) = IDS.include?(id)

    # Every Finding about a Whole: what concerns all of it first, then each component in turn.
    def self.findings(whole)
      FORMULA_RULES.flat_map { |rule| rule.look(whole) } +
        whole.tables.flat_map { |table| COMPONENT_RULES.flat_map { |rule| rule.look(table) } }
    end
  end
end
