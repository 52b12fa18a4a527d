# frozen_string_literal: true

module ElmCup
  module Assessment
    # The texture a component is aimed at when the document does not say. Source: product words; common practice.
    module Want
      BY_SHAPE = {"ball" => "rolls"}.freeze
      BY_TYPE = {"layer" => "pours"}.freeze
      # A coat is melted and a topping strewn: neither is judged as a dough.
      UNJUDGED = %w[coating topping].freeze

      # A texture id, or nil.
      def self.for(component, shape)
        component.want || (BY_TYPE[component.type] || BY_SHAPE[shape&.kind] || "rolls" unless UNJUDGED.include?(component.type))
      end
    end
  end
end
