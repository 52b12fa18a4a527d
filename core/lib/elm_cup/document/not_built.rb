# frozen_string_literal: true

module ElmCup
  module Document
    # Keys and kinds of the formula document whose part of the product is not built yet: refused by name, never ignored.
    module NotBuilt
      TOP = %w[coat].freeze
      SHAPES = %w[slab cup cookie bark mould log egg].freeze

      # Faults for every such key or kind in a document that is at least a Hash.
      def self.faults(document)
        faults = TOP.select { |key| document.key?(key) }.map { |key| fault("/#{key}", "“#{key}”") }
        kind = document["shape"]["kind"] if document["shape"].is_a?(Hash)
        faults << fault("/shape/kind", "The shape “#{kind}”") if SHAPES.include?(kind)
        faults
      end

      def self.fault(pointer, what)
        InvalidDocument::Fault.new(pointer: pointer, message: "#{what} belongs to a part that is not built yet; take it out")
      end
      private_class_method :fault
    end
  end
end
