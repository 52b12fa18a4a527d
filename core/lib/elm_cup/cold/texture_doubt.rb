# frozen_string_literal: true

module ElmCup
  module Cold
    # What the texture of a part says against its firmness: grains that nothing joins carry each other and read firm, and so does a thick
    # mix with more binder than it takes up. Of what no fat that sets holds, the two should say the same. Source: docs/model.md, Firmness.
    #   component  name of the part      texture  its id in the bowl      stands  what its firmness says, nil where it falls apart
    TextureDoubt = Value.of(:component, :texture, :stands) do
      # Share of the firmness that is lost in a warm room, from which it is a fat that sets.
      self::SETS = 0.5
      # Texture => [kPa that it should not have in the room, what that would be].
      self::WET = {"spreads" => [Grade::CUTS, "cuts clean"], "pours" => [Grade::STANDS, "stands"]}.freeze

      # Of an Assessment::Part, its Firmness, its cold_set and the °C of the room; nil where the two agree.
      def self.of(part, firmness, cold_set, room_c)
        return unless part.texture && cold_set < self::SETS
        return new(component: part.name, texture: part.texture, stands: nil) if Binding::Texture.apart?(part.texture)

        kpa, stands = self::WET[part.texture]
        new(component: part.name, texture: part.texture, stands: stands) if kpa && firmness.kpa(room_c) >= kpa
      end

      # It falls apart as it is.
      def apart? = stands.nil?

      def words
        return "The #{component} comes out #{texture}: chilling will not make it hold together. Add more binder first." if apart?

        "The two estimates of the #{component} disagree: by its binder it #{texture}, by its firmness it #{stands}. Go by touch."
      end
    end
  end
end
