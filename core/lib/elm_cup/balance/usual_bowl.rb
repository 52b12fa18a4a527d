# frozen_string_literal: true

module ElmCup
  module Balance
    # A kind of bowl filled with what there is, in the shares that cooks usually give it, before it is balanced.
    class UsualBowl
      # A usual bowl keeps so far under the most of a thing, since measures that exist round its share up or down.
      ROOM = 0.9
      # BowlFamily; [BowlFamily::Role, Entry] of each role that is filled.
      attr_reader :family, :filled

      # said: the cupboard's Hash; size: BowlSize.
      def initialize(family, filled, said, size, library)
        @family = family
        @filled = filled
        @said = said
        @size = size
        @library = library
        @have = said["have"].to_h { |each| [each["ingredient"], each["grams"]] }
      end

      # Most of a bowl that cooks make of what tastes or binds too strongly in it: ingredient id => share.
      def limits = @limits ||= entries.to_h { |entry| [entry.id, BowlFamily::LIMITS[entry.like]] }.compact

      # What it is made of.
      def entries = filled.map(&:last)

      # Grams of it in measures that exist.
      def grams = seed.grams

      # A formula document as a Hash.
      def document = seed.to_h

      # "usual oat-led bowl"
      def name = "usual #{family.name.downcase} bowl"

      private

      def seed = @seed ||= SeedDocument.new(self, amounts, @size.range, @said, @library)

      # Ingredient id => grams: its share of what is aimed at, kept within what there is.
      def amounts
        total = [@size.aim, *filled.select { |role, _|
          role.needed?
        }.filter_map { |_, entry| @have[entry.id] && @have[entry.id] / shares[entry.id] }].min
        shares.to_h { |id, share| [id, [total * share, @have[id] || Float::INFINITY].min] }
      end

      # Ingredient id => share of the bowl; what would be more than cooks take of it leaves its rest to the others.
      def shares = @shares ||= shared(filled.to_h { |role, entry| [entry.id, role.share] }, {})

      def shared(wanted, capped)
        free = wanted.except(*capped.keys)
        scale = (1 - capped.values.sum) / free.values.sum
        over = free.select { |id, share| limits[id] && share * scale > limits[id] * ROOM }
        return capped.merge(free.transform_values { |share| share * scale }) if over.empty? || over.size == free.size

        shared(wanted, capped.merge(over.to_h { |id, _| [id, limits[id] * ROOM] }))
      end
    end
  end
end
