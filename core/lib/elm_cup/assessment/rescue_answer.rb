# frozen_string_literal: true

module ElmCup
  module Assessment
    # What would bring a mix to its wanted texture, as a Hash.
    module RescueAnswer
      # from: Binding::Rescue or nil; want: texture id. nil where nothing is needed.
      def self.of(from, want)
        return unless from&.needed?

        {
          "to" => want,
          "options" => from.options.map { |option| option(option) },
          "refused" => from.refusals.map { |refusal| {"ingredient" => refusal.ingredient, "why" => refusal.why} },
          "rest" => from.rest_advice
        }.compact
      end

      def self.option(option)
        {
          "ingredient" => option.ingredient, "text" => option.text, "first_text" => option.first_text, "grams" => Figures.round(option.grams, 2),
          "after" => {"saturation" => Figures.round(option.after.value, 3), "texture" => option.after.texture}, "why" => option.why, "patch" => option.patch
        }
      end
      private_class_method :option
    end
  end
end
