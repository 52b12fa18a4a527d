# frozen_string_literal: true

module ElmCup
  module Document
    # Which component the flavours of a formula are parts of.
    module Splits
      BASES = %w[dough base filling layer].freeze

      # The name of the base for a flavour that names none: the first component that is not a coating or a topping; parts are
      # components of a document (Hashes with name and type).
      def self.base_name(parts)
        (parts.find { |part| BASES.include?(part["type"] || "dough") } || parts.first)["name"]
      end
    end
  end
end
