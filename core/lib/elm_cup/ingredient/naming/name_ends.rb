# frozen_string_literal: true

module ElmCup
  module Ingredient
    module Naming
      # Entries by the words that one of their names ends with.
      class NameEnds
        NONE = [].freeze

        # names: the words of every name => Entry.
        def initialize(names)
          @entries = {}
          names.each do |words, entry|
            words.each_index { |from| (@entries[words.drop(from)] ||= []) << entry }
          end
          @entries.each_value { |entries| entries.uniq!(&:id) }
          freeze
        end

        # Entries with a name that ends with these words.
        def [](words) = @entries.fetch(words, NONE)
      end
    end
  end
end
