# frozen_string_literal: true

require "digest"

module ElmCupServer
  # The household's pantry: the library that ships with its own ingredients over it, as the core makes it. One is kept while the
  # ingredients stay as they are.
  module Pantry
    Kept = Struct.new(:digest, :library, :choices)
    LOCK = Mutex.new

    # The ingredients that are kept, as Hashes.
    def self.ingredients = OwnIngredient.order(:key).map(&:parsed)

    # ISO 4217 code of the prices.
    def self.currency = Setting.value("currency", ElmCup::Pantry::USUAL_CURRENCY)

    # A short text that differs whenever the ingredients or the currency do.
    def self.digest = Digest::SHA256.hexdigest([currency, *OwnIngredient.order(:key).pluck(:document)].join("\0"))[0, 16]

    # The core's library of them.
    def self.library = current.library

    # What can be chosen from, for screens.
    def self.choices = current.choices ||= ElmCup.library(library)

    def self.current
      LOCK.synchronize do
        now = digest
        @kept = Kept.new(now, ElmCup.pantry(ingredients, currency: currency)) unless @kept&.digest == now
        @kept
      end
    end
    private_class_method :current
  end
end
