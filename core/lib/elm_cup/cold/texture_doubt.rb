# frozen_string_literal: true

module ElmCup
  module Cold
    # What the texture of a part says against its firmness: grains that nothing joins carry each other and read firm, and so does a thick
    # mix with more binder than it takes up. Source: docs/model.md, Firmness.
    #   words  a sentence or two      apart  the part falls apart in the bowl
    TextureDoubt = Value.of(:words, :apart) do
      # Share of the firmness that is lost in a warm room, from which it is a fat that sets, which joins what is loose while it is warm.
      self::SETS = 0.5
      # Texture => [kPa that it should not have in the room, what that would be].
      self::WET = {"spreads" => [Grade::CUTS, "cuts clean"], "pours" => [Grade::STANDS, "stands"]}.freeze

      # Of an Assessment::Part, its Firmness, its cold_set and the °C of the room; nil where texture and firmness agree.
      def self.of(part, firmness, cold_set, room_c)
        return unless part.texture

        sets = cold_set >= self::SETS
        if Binding::Texture.apart?(part.texture)
          carried = firmness.kpa(Hold::WARMEST) >= Grade::STANDS
          return (new(words: apart_words(part, sets), apart: true) if carried || !sets)
        end
        kpa, stands = self::WET[part.texture] unless sets
        new(words: wet_words(part, stands), apart: false) if kpa && firmness.kpa(room_c) >= kpa
      end

      def self.apart_words(part, sets)
        "The #{part.name} comes out #{part.texture}: " + if sets
          "only its fat holds it together, so keep it cold."
        else
          "chilling will not make it hold together. Add more binder first."
        end
      end

      def self.wet_words(part, stands)
        "The two estimates of the #{part.name} disagree: by its binder it #{part.texture}, by its firmness it #{stands}. Go by touch."
      end
      private_class_method :apart_words, :wet_words
    end
  end
end
