# frozen_string_literal: true

# How does it come and go? The formula document: read, checked, scaled, patched.
require_relative "document/formula"
require_relative "document/not_built"
require_relative "document/finite"
require_relative "document/splits"
require_relative "document/links"
require_relative "document/schema"
require_relative "document/json_reader"
require_relative "document/scale"
