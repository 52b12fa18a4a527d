# frozen_string_literal: true

# When is it ready? For now what cooks usually give; computed times come later and stand beside it.
require_relative "cold/practice"
