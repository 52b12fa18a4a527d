# frozen_string_literal: true

module ElmCup
  module Balance
    # What there is, and the usual bowls that it can fill.
    class Larder
      # A bowl of less is none, where nothing says how large a piece is.
      LEAST_GRAMS = 15.0
      # What may not be so much of its usual share of a bowl does not fill that role.
      LEAST_OF_SHARE = 0.5
      # So many things are tried as what carries a bowl.
      CARRIERS = 3

      # Ingredient id => grams that there are, nil for enough; ids of what must be used up.
      attr_reader :grams, :use_up

      # said: a checked Hash ("cupboard/1"); wishes: Wishes.
      def initialize(said, wishes, library)
        @said = said
        @wishes = wishes
        @library = library
        @grams = said["have"].to_h { |each| [each["ingredient"], each["grams"]] }
        @use_up = said["use_up"] || []
        @shape = said["shape"] && Piece::Shape.from(said["shape"])
      end

      # Ingredient::Entries.
      def all = @all ||= (grams.keys + use_up).uniq.map { |id| @library[id] }

      # Most of a bowl that cooks make of what tastes or binds too strongly: ingredient id => share.
      def limits = all.to_h { |entry| [entry.id, BowlFamily::LIMITS[entry.like]] }.compact

      # UsualBowls of at least one piece, of every family in a few ways; those that use up the most come first, and a way of each family
      # before another of one.
      def bowls
        @bowls ||= families.flat_map { |ways| ways.select { |bowl| bowl.grams >= least_grams }.each_with_index.to_a }
          .sort_by.with_index { |(bowl, way), order| [left(bowl).size, way, order] }.map(&:first)
      end

      # Ids of what must be used up, and has no place in the bowl.
      def left(bowl) = use_up - bowl.entries.map(&:id)

      # Why there are no bowls, in words; nil where there are.
      def shortage
        return if bowls.any?
        return "There is too little of it for one piece of #{least_grams.round} g." if families.any?(&:any?)

        "A bowl needs more than this: #{BowlFamily::ALL.map { |family| missing(family) }.join("; ")}."
      end

      private

      def families = @families ||= BowlFamily::ALL.map { |family| fillings(family) }

      def least_grams = @shape&.fixed_grams || LEAST_GRAMS

      def size = @size ||= BowlSize.of(@wishes, @shape)

      # As cooks fill it with each of what can carry it; then with one thing other than that, or one more.
      def fillings(family)
        lead = family.roles.first
        plain = choices(lead, []).first(CARRIERS).map { |entry| filling(family, {lead => entry}) }
        ways = (plain + plain.first(1).flat_map { |way| others(family, way.to_h) }).uniq { |way| way.map { |_, entry| entry.id } }
        ways.select { |way| (family.roles.select(&:needed?) - way.map(&:first)).empty? }
          .map { |way| UsualBowl.new(family, way, @said, size, @library) }
      end

      # The same with another thing in one of its roles, or one thing more; nothing that must be used up stays behind for it.
      def others(family, way)
        lead, *roles = family.roles
        found = roles.filter_map do |role|
          entry = choices(role, way.values).first
          entry && filling(family, {lead => way[lead], role => entry})
        end
        found.select { |other| used_up(other) >= used_up(way) }
      end

      # How many of what must be used up are in it.
      def used_up(way) = way.count { |_, entry| use_up.include?(entry.id) }

      # [role, entry] of every role; `fixed` says some of them. What is only now and then in such a bowl is opened to use it up.
      def filling(family, fixed)
        family.roles.reduce([]) do |found, role|
          entry = fixed.fetch(role) { choices(role, found.map(&:last) + fixed.values).first }
          (entry && (fixed.key?(role) || role.usual? || use_up.include?(entry.id))) ? found + [[role, entry]] : found
        end
      end

      # What can fill a role: what must be used up, then what there is enough of and may be enough of, as cooks choose it, the usual thing
      # and what stands for more than its own kind first, then the most.
      def choices(role, taken)
        gone = taken.map(&:id)
        fitting.select { |entry| role.takes?(entry) && !gone.include?(entry.id) && most(entry) >= role.share * LEAST_OF_SHARE }
          .sort_by do |entry|
          there = grams[entry.id] || BowlSize::USUAL_GRAMS
          [first(use_up.include?(entry.id)), first(there >= role.share * BowlSize::USUAL_GRAMS / 2), first(most(entry) >= role.share),
            role.rank(entry),
            first(entry.like == role.usual), first(!StandIns::KINDS.key?(entry.like)), -there, order.fetch(entry.id)]
        end
      end

      # The library begins with what is most usual.
      def order = @order ||= @library.all.each_with_index.to_h { |entry, at| [entry.id, at] }

      # Sorts what is so before what is not.
      def first(is_so) = is_so ? 0 : 1

      def most(entry) = BowlFamily::LIMITS.fetch(entry.like, 1.0)

      # What no wish sends away, and can be eaten as it is.
      def fitting = @fitting ||= all.select { |entry| StandIns.eaten_as_it_is?(entry) && @wishes.none? { |wish| wish.forbids?(entry) } }

      def missing(family)
        lacks = family.roles.select { |role| role.needed? && fitting.none? { |entry| role.takes?(entry) } }
        wanted = lacks.map { |role| role.of.first(3).map { |each| each.sub(/\A\w+:/, "").tr("-", " ") }.join(" or ") }
        "#{family.name.downcase} lacks #{wanted.join(" and ")}"
      end
    end
  end
end
