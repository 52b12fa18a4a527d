# frozen_string_literal: true

# Will it bind? Saturation and its band, texture and odds, tack and grease, rescue, the sentence that explains.
require_relative "binding/texture"
require_relative "binding/liquid_fat"
require_relative "binding/water_change"
require_relative "binding/portion"
require_relative "binding/saturation"
require_relative "binding/mix"
require_relative "binding/uncertainty"
require_relative "binding/verdict"
require_relative "binding/why"
require_relative "binding/dose"
require_relative "binding/rescue"
require_relative "binding/seen_mix"
require_relative "binding/sentence"
