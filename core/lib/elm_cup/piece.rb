# frozen_string_literal: true

# How many, how big? Balls so far; other shapes come with their own files.
require_relative "piece/scoop"
require_relative "piece/ball"
