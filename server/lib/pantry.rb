# frozen_string_literal: true

require "digest"

module ElmCupServer
  # The household's pantry: the library that ships with its own ingredients over it, in its kitchen, as the core makes it. One is kept
  # while ingredients and kitchen stay as they are.
  module Pantry
    # What stands in the database at one moment, `kitchen` among it (Hash); a digest of it never goes with ingredients of another.
    Moment = Struct.new(:currency, :keys, :documents, :kitchen) do
      # A short text that differs whenever the ingredients or the currency do.
      def digest = Digest::SHA256.hexdigest([currency, JSON.generate(kitchen), *documents].join("\0"))[0, 16]

      # The same of what a verdict depends on.
      def judging = Digest::SHA256.hexdigest(JSON.generate([ElmCup.judging(ingredients), kitchen]))[0, 16]

      # The ingredients as Hashes.
      def ingredients = @ingredients ||= documents.map { |document| JSON.parse(document) }
    end
    # revision: of the database when it was read; digest, judging: as of its Moment; aside: the key that it is stored under =>
    # ElmCup::Pantry::Aside of what cannot be read; core: the ElmCup::Pantry::Kept
    Kept = Struct.new(:revision, :digest, :judging, :library, :aside, :core, :choices, keyword_init: true)
    LOCK = Mutex.new

    # The ingredients that are kept and can be read, as Hashes.
    def self.ingredients = now.core.sound

    # ISO 4217 code of the prices.
    def self.currency = Setting.value("currency", ElmCup::Pantry::USUAL_CURRENCY)

    # The core's library of them.
    def self.library = now.library

    # What can be chosen from, for screens.
    def self.choices = now.then { |kept| kept.choices ||= ElmCup.library(kept.library) }

    # What stands in the database now.
    def self.moment
      rows = OwnIngredient.order(:key).pluck(:key, :document)
      Moment.new(currency, rows.map(&:first), rows.map(&:last), Kitchen.shared)
    end

    # The Kept of this moment: its library, and the digest that goes with it.
    def self.now
      LOCK.synchronize do
        revision = Revision.of("pantry")
        @kept = made(revision, moment) unless @kept&.revision == revision
        @kept
      end
    end

    def self.made(revision, moment)
      kept = ElmCup.kept_pantry(moment.ingredients, currency: moment.currency, before: @kept&.core)
      Kept.new(revision: revision, digest: moment.digest, judging: moment.judging, library: kept.library.in_kitchen(moment.kitchen),
        core: kept,
        aside: kept.aside.to_h { |each| [moment.keys[each.at], each] })
    end
    private_class_method :made
  end
end
