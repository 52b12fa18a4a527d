# frozen_string_literal: true

module ElmCup
  module Mixture
    # The lists of allergens that labels go by, and the words for them. Coconut is named apart: it is on neither list.
    module Allergens
      # FALCPA 2004 and the FASTER Act 2021, from memory.
      US_NINE = %w[milk egg fish crustacean tree_nut peanut wheat soy sesame].freeze
      # Regulation (EU) 1169/2011, Annex II, from memory.
      EU_FOURTEEN = %w[gluten crustacean egg fish peanut soy milk tree_nut celery mustard sesame sulphite lupin mollusc].freeze
      WORDS = {
        "peanut" => "peanut", "tree_nut" => "tree nuts", "milk" => "milk", "egg" => "egg", "soy" => "soy", "wheat" => "wheat",
        "gluten" => "gluten", "sesame" => "sesame",
        "sulphite" => "sulphites", "mustard" => "mustard", "celery" => "celery", "lupin" => "lupin", "fish" => "fish",
        "crustacean" => "crustaceans", "mollusc" => "molluscs",
        "coconut" => "coconut"
      }.freeze
      ALL = WORDS.keys.freeze

      # "milk and soy"
      def self.words(ids)
        *rest, last = ids.map { |id| WORDS.fetch(id, id) }
        rest.empty? ? last.to_s : "#{rest.join(", ")} and #{last}"
      end
    end
  end
end
