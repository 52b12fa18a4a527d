# frozen_string_literal: true

module ElmCup
  module Door
    # What would bring a mix to its wanted texture, as a Hash.
    module RescueWriter
      # from: Binding::Rescue or nil; want: texture id. nil where nothing is needed. The block gives more of a dose, a Hash.
      def self.call(from, want)
        return unless from&.needed?

        {
          "to" => want,
          "options" => from.options.map { |option| option(option).merge((option.kind == "dose" && block_given?) ? yield(option) : {}) },
          "refused" => from.refusals.map { |refusal| {"ingredient" => refusal.ingredient, "why" => refusal.why} }
        }
      end

      def self.option(option)
        {
          "kind" => option.kind, "ingredient" => option.ingredient, "text" => option.text, "first_text" => option.first_text,
          "grams" => option.grams && Json.round(option.grams, 2), "minutes" => option.minutes, "place" => option.place,
          "times" => option.times, "after" => after(option), "why" => option.why, "patch" => option.patch
        }.compact
      end
      private_class_method :option

      # The fill and the texture after it, where they can be told.
      def self.after(option)
        return unless option.number

        saturation = (option.after&.offset == 0.0) ? option.after.value : Binding::Texture.saturation(option.number)
        {"saturation" => saturation && Json.round(saturation, 3), "texture" => Binding::Texture.at(option.number)}.compact
      end
      private_class_method :after
    end
  end
end
