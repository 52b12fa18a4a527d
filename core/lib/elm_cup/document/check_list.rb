# frozen_string_literal: true

module ElmCup
  module Document
    # Checks of keys of the formula document that belong to a later question (what is wished, which rules are muted): whoever answers
    # that question registers its own, so that the document need not know of it.
    module CheckList
      CHECKS = {}

      # Registers what checks a key: an object whose `faults(value, pointer)` gives Faults.
      def self.register(key, check) = CHECKS[key] = check

      # Faults of all registered keys that a document (Hash) has.
      def self.faults(document)
        CHECKS.flat_map { |key, check| document.key?(key) ? check.faults(document[key], "/#{key}") : [] }
      end
    end
  end
end
