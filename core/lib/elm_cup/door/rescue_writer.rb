# frozen_string_literal: true

module ElmCup
  module Door
    # What would bring a mix to its wanted texture, as a Hash.
    module RescueWriter
      # from: Binding::Rescue or nil; want: texture id. nil where nothing is needed. The block gives more of an option, a Hash.
      def self.call(from, want)
        return unless from&.needed?

        {
          "to" => want, "options" => from.options.map { |option| option(option).merge(block_given? ? yield(option) : {}) },
          "refused" => from.refusals.map { |refusal| Json.of(refusal) }, "rest" => from.rest_advice
        }.compact
      end

      def self.option(option)
        {
          "ingredient" => option.ingredient, "text" => option.text, "first_text" => option.first_text,
          "grams" => Json.round(option.grams, 2),
          "after" => {"saturation" => Json.round(option.after.value, 3), "texture" => option.after.texture}, "why" => option.why,
          "patch" => option.patch
        }
      end
      private_class_method :option
    end
  end
end
