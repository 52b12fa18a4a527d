# frozen_string_literal: true

module ElmCup
  module Cold
    # How much of the fat of a part is solid, from the freezer to a hot car.
    #   component  name of the part      fats  share of the blend by fat, 0 to 1      points  Points, coldest first
    #   without    what the same cocoa butter would be with nothing softer in it: Points, nil where there is nothing to compare
    #   words      what that comes to, nil likewise
    SolidCurve = Value.of(:component, :fats, :points, :without, :words) do
      # Less of the other than that softens nothing worth a word; less cocoa butter is no chocolate.
      self::SOFTENS = 0.02
      self::CHOCOLATE = 0.4
      self::COCOA = Fat::Blend::COCOA_BUTTER
      # °C that the words are about.
      self::ROOM_C = 20.0
      self::SOFTER = {"coconut" => "coconut oil", "butterfat" => "butter"}.freeze

      # Of a Substance; nil where there is no fat in it.
      def self.of(substance)
        blend = substance.material.blend
        return if blend.empty?

        alone = (plain(blend) if softened(blend))
        new(component: substance.name, fats: blend.fats.keys.to_h { |fat| [fat, blend.share_of(fat).round(3)] }, points: points(blend),
          without: alone && points(alone), words: alone && words(blend, alone))
      end

      def self.points(blend)
        (Hold::COLDEST..Hold::WARMEST).step(Hold::EVERY).map { |celsius|
          SolidCurve::Point.new(celsius: celsius, solid: blend.solid_share(celsius))
        }
      end

      # The fat that softens chocolate most, nil where none does.
      def self.softened(blend)
        return if blend.share_of(self::COCOA) < self::CHOCOLATE

        self::SOFTER.keys.select { |fat| blend.share_of(fat) >= self::SOFTENS }.max_by { |fat| blend.share_of(fat) }
      end

      def self.plain(blend) = Fat::Blend.new(blend.fats.except(*self::SOFTER.keys), tempered: !blend.untempered?)

      def self.words(blend, alone)
        now, before = [blend, alone].map { |each| (100 * each.solid_share(self::ROOM_C)).round }
        "At 20 °C #{now} % of its fat is solid; without the #{self::SOFTER.fetch(softened(blend))} it would be #{before} %. " \
          "The softer fat dissolves some of the cocoa butter, so the coat melts sooner on the fingers."
      end
      private_class_method :points, :softened, :plain, :words
    end
    SolidCurve::Point = Value.of(:celsius, :solid) do
      self::DIGITS = {solid: 3}.freeze
    end
  end
end
