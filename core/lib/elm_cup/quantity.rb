# frozen_string_literal: true

# How much is that? Exact amounts, kitchen standards, the reading of typed lines, the nearest kitchen measure.
require_relative "quantity/cup_standard"
require_relative "quantity/unit"
require_relative "quantity/fraction_text"
require_relative "quantity/number"
require_relative "quantity/number_reader"
require_relative "quantity/term"
require_relative "quantity/reading"
require_relative "quantity/scan"
require_relative "quantity/range_reader"
require_relative "quantity/unit_reader"
require_relative "quantity/measured_reader"
require_relative "quantity/term_reader"
require_relative "quantity/name_reader"
require_relative "quantity/line_reader"
require_relative "quantity/kitchen_measures"
require_relative "quantity/nudge"
