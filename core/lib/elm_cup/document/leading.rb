# frozen_string_literal: true

module ElmCup
  module Document
    # Which component of several stands for the whole: the one that is divided into flavours, and that a list shows.
    module Leading
      # The first of these types that there is.
      ORDER = %w[dough base filling layer coating topping].freeze

      # The name of that component, nil where there is none; parts are components of a document or an assessment (Hashes with name and type).
      def self.name(parts) = parts.min_by.with_index { |part, index| [ORDER.index(part["type"] || "dough"), index] }&.fetch("name")
    end
  end
end
