# frozen_string_literal: true

# What would a careful friend notice? One rule a file.

module ElmCup
  module SecondLook
    # Rules that look at one component, and those that look at the whole formula.
    COMPONENT_RULES = [NoSalt, NoSweetener, GrittySugar, WholeFlax, WholeDates, Pits, RawFlour, WaterInChocolate, PowderAtOnce,
      NoStirButter].freeze
    FORMULA_RULES = [NeedBroken, SameAmount, OneLineBreaksDiet, OatsNotMarked, HoneyAndInfants, XylitolAndDogs].freeze
    # Those that look at pieces and coat.
    SHAPE_RULES = [TooLittleCoat, ThinnerThanChips, SmallPieces, PiecesTooLarge, TinTooSmall, CoatOnFrozen, TrayTooSmall,
      ProcessorTooSmall].freeze
    SHAPE_IDS = SHAPE_RULES.map { |rule| rule::ID }.freeze
    # Those that look at where they live.
    PLACE_RULES = [SoftInTheBag, ChocolateAgainstStorage, PerishableOnCounter, CrispGoesSoft].freeze
    PLACE_IDS = PLACE_RULES.map { |rule| rule::ID }.freeze
    IDS = [*FORMULA_RULES, *COMPONENT_RULES, *SHAPE_RULES, *PLACE_RULES].map { |rule| rule::ID }.freeze

    # There is a rule with this id.
    def self.rule?(id) = IDS.include?(id)

    # Every Finding about a Whole as such.
    def self.of_whole(whole) = (FORMULA_RULES + SHAPE_RULES + PLACE_RULES).flat_map { |rule| rule.look(whole) }

    # Every Finding about one Table, which is all that these rules look at.
    def self.of_table(table) = COMPONENT_RULES.flat_map { |rule| rule.look(table) }
  end
end
