# frozen_string_literal: true

module ElmCup
  module Coating
    # What to open for so many grams of a coat: each line's share of it in spoons or cups and in bars or bags.
    module Packs
      # ingredient id, its name, grams, spoons or cups (nil where unknown), packs in words (nil where none are usual), how many.
      Opened = Value.of(:ingredient, :name, :grams, :spoons, :packs, :count) do
        self::DIGITS = {grams: 0}.freeze
      end
      # Units that are opened, and not measured out of something larger.
      UNITS = %i[bar bag can jar].freeze

      # Openeds for `grams` of a Mixture::Bowl.
      def self.of(bowl, grams, spoons, library)
        bowl.lines.map do |line|
          share = line.grams.to_f / bowl.grams * grams
          pack = library.packs(line.entry.like).find { |each| UNITS.intersect?(each.units) }
          count = (share / pack.grams.to_f).ceil if pack
          Opened.new(ingredient: line.entry.id, name: line.entry.name.downcase, grams: share, spoons: spoons.text(line.entry.id, share,
            form: line.form, up: true),
            packs: pack && said(pack, count), count: count)
        end
      end

      def self.said(pack, count)
        unit = pack.units.find { |each| UNITS.include?(each) }
        "#{count} #{unit}#{"s" unless count == 1} of #{pack.grams.to_f.round} g"
      end
      private_class_method :said
    end
  end
end
