# frozen_string_literal: true

module ElmCup
  module Document
    # What a component takes of another: a share of it (0 to 1, exact), or grams, or a measure such as "1/4 cup".
    Take = Value.of(:component, share: nil, grams: nil, text: nil) do
      # A Take of a checked document.
      def self.from(part)
        share, grams = part.values_at("share", "grams").map { |number| number && Rational(number.to_s) }
        new(component: part["component"], share: share, grams: grams, text: part["text"])
      end
    end
  end
end
