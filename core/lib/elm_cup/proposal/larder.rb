# frozen_string_literal: true

module ElmCup
  module Proposal
    # What there is, and the usual bowls that it can fill.
    class Larder
      # A bowl of less is none, where nothing says how large a piece is.
      LEAST_GRAMS = 15.0
      # So many ways to fill the roles of a family are tried.
      WAYS = 3

      # Ingredient id => grams that there are, nil for enough; ids of what must be used up.
      attr_reader :grams, :use_up

      # said: a checked Hash ("cupboard/1"); wishes: Balance::Wishes.
      def initialize(said, wishes, library)
        @said = said
        @wishes = wishes
        @library = library
        @grams = said["have"].to_h { |each| [each["ingredient"], each["grams"]] }
        @use_up = said["use_up"] || []
      end

      # Ingredient::Entries.
      def all = @all ||= (grams.keys + use_up).uniq.map { |id| @library[id] }

      # Most of a bowl that cooks make of what tastes or binds too strongly: ingredient id => share.
      def limits = all.to_h { |entry| [entry.id, BowlFamily::LIMITS[entry.like]] }.compact

      # UsualBowls of at least one piece, of every family in a few ways; those that use up the most come first.
      def bowls = @bowls ||= filled.select { |bowl| bowl.grams >= least_grams }.sort_by.with_index { |bowl, order| [left(bowl).size, order] }

      # Ids of what must be used up, and has no place in the bowl.
      def left(bowl) = use_up - bowl.entries.map(&:id)

      # Why there are no bowls, in words; nil where there are.
      def shortage
        return if bowls.any?
        return "There is too little of it for one piece of #{least_grams.round} g." if filled.any?

        "A bowl needs more than this: #{BowlFamily::ALL.map { |family| missing(family) }.join("; ")}."
      end

      private

      def filled = @filled ||= BowlFamily::ALL.flat_map { |family| fillings(family) }

      def least_grams = @said.dig("shape", "piece_grams") || LEAST_GRAMS

      def size = @size ||= BowlSize.of(@wishes, @said["shape"])

      def fillings(family)
        choices(family.roles.first, []).first(WAYS).filter_map do |entry|
          filled = family.roles.drop(1).reduce([[family.roles.first, entry]]) { |found, role| found + fill(role, found.map(&:last)) }
          UsualBowl.new(family, filled, @said, size, @library) if (family.roles.select(&:needed?) - filled.map(&:first)).empty?
        end
      end

      # What is only now and then in such a bowl is opened to use it up.
      def fill(role, taken)
        entry = choices(role, taken).first
        (entry && (role.usual? || use_up.include?(entry.id))) ? [[role, entry]] : []
      end

      # What can fill a role: what must be used up, then what there is enough of and may be enough of, as cooks choose it, then the most.
      def choices(role, taken)
        (fitting - taken).select { |entry| role.takes?(entry) }.sort_by do |entry|
          there = grams[entry.id] || BowlSize::USUAL_GRAMS
          [use_up.include?(entry.id) ? 0 : 1, (there >= role.share * BowlSize::USUAL_GRAMS / 2) ? 0 : 1, (BowlFamily::LIMITS.fetch(entry.like, 1.0) >= role.share) ? 0 : 1,
            role.rank(entry), -there, entry.id]
        end
      end

      # What no wish sends away.
      def fitting = @fitting ||= all.select { |entry| @wishes.none? { |wish| wish.forbids?(entry) } }

      def missing(family)
        lacks = family.roles.select { |role| role.needed? && fitting.none? { |entry| role.takes?(entry) } }
        "#{family.name.downcase} lacks #{lacks.map { |role| role.of.map { |each| each.sub(/\A\w+:/, "").tr("-", " ") }.first(3).join(" or ") }.join(" and ")}"
      end
    end
  end
end
