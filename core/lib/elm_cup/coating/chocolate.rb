# frozen_string_literal: true

module ElmCup
  module Coating
    # What is melted, as it flows: by the share of fat in it. Source: docs/model.md, Coat (a Krieger-Dougherty suspension of sugar and cocoa
    # in fat, its constants fitted to what cooks see).
    class Chocolate
      # g/mL of what is no fat, and of fat.
      SOLIDS = 1.5
      FAT = 0.9
      # The share of solids at which nothing flows.
      PACKED = 0.70
      # Under so much fat it is too thick to dip.
      LEAST_FAT = 0.25
      # Plain chips: what is taken where nobody says, and how thick a home-made shell drags.
      CHIPS = 0.28

      # Share by mass, 0 to 1.
      attr_reader :fat

      # The Chocolate of a Mixture::Bowl; of plain chips where it is nil or empty. home_made: stirred of cocoa butter and cocoa, it drags as
      # chips do whatever its fat. tempered: crystals in it make it drag no less than chips do, from memory: docs/model.md, Coat.
      def self.of(bowl, home_made: false, tempered: false)
        return new(fat: CHIPS) if bowl.nil? || bowl.empty?

        new(fat: bowl.composition.fat / bowl.grams, home_made: home_made, tempered: tempered)
      end

      def initialize(fat:, home_made: false, tempered: false)
        @fat = fat
        @home_made = home_made
        @tempered = tempered
        freeze
      end

      # It has too little fat to be dipped into.
      def thick? = !@home_made && fat < LEAST_FAT

      # phi: the share of its volume that is solid, as far as it decides how it flows.
      def solids = flowing

      # kg/m3. The same number is mg/mL.
      def density = 1 / ((1 - fat) / (SOLIDS * 1000) + fat / (FAT * 1000))

      # Pa: how hard it must be pulled before it runs; what is too thick is taken at the least that can be dipped.
      def yield_pascal = 0.5 * (solids / (PACKED - solids))**2

      # Pa s.
      def viscosity = 0.045 * (1 - solids / PACKED)**-2.5

      # The same with `grams` of pure fat stirred into `of` grams.
      def thinned(grams, of:) = Chocolate.new(fat: (fat * of + grams) / (of + grams), home_made: @home_made, tempered: @tempered)

      private

      def solids_at(share) = (1 - share) / SOLIDS / ((1 - share) / SOLIDS + share / FAT)

      def flowing
        return solids_at(CHIPS) if @home_made

        solids_at([@tempered ? [fat, CHIPS].min : fat, LEAST_FAT].max)
      end
    end
  end
end
