# frozen_string_literal: true

require "digest"

module ElmCupServer
  # The household's pantry: the library that ships with its own ingredients over it, as the core makes it. One is kept while the
  # ingredients stay as they are.
  module Pantry
    # What stands in the database at one moment; a digest of it never goes with ingredients of another.
    Moment = Struct.new(:currency, :documents) do
      # A short text that differs whenever the ingredients or the currency do.
      def digest = Digest::SHA256.hexdigest([currency, *documents].join("\0"))[0, 16]

      # The ingredients as Hashes.
      def ingredients = documents.map { |document| JSON.parse(document) }
    end
    Kept = Struct.new(:digest, :library, :choices)
    LOCK = Mutex.new

    # The ingredients that are kept, as Hashes.
    def self.ingredients = moment.ingredients

    # ISO 4217 code of the prices.
    def self.currency = Setting.value("currency", ElmCup::Pantry::USUAL_CURRENCY)

    # The digest of what is kept now.
    def self.digest = moment.digest

    # The core's library of them.
    def self.library = current.library

    # What can be chosen from, for screens.
    def self.choices = current.then { |kept| kept.choices ||= ElmCup.library(kept.library) }

    def self.moment = Moment.new(currency, OwnIngredient.order(:key).pluck(:document))

    def self.current
      LOCK.synchronize do
        now = moment
        digest = now.digest
        @kept = Kept.new(digest, ElmCup.pantry(now.ingredients, currency: now.currency)) unless @kept&.digest == digest
        @kept
      end
    end
    private_class_method :moment, :current
  end
end
