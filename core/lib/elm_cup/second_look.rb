# frozen_string_literal: true

# What would a careful friend notice? One rule a file.
require_relative "second_look/finding"
require_relative "second_look/table"
require_relative "second_look/line_remedy"
require_relative "second_look/no_salt"
require_relative "second_look/no_sweetener"
require_relative "second_look/gritty_sugar"
require_relative "second_look/whole_flax"
require_relative "second_look/whole_dates"

module ElmCup
  module SecondLook
    RULES = [NoSalt, NoSweetener, GrittySugar, WholeFlax, WholeDates].freeze

    # Every Finding about one Table, in the order of the rules.
    def self.findings(table) = RULES.flat_map { |rule| rule.look(table) }
  end
end
