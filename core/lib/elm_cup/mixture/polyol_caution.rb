# frozen_string_literal: true

module ElmCup
  module Mixture
    # What must be said of a bowl with much sugar alcohol in it. Source: Regulation (EU) 1169/2011, Annex III, 2.4 (from memory): more than
    # 10 % added polyols.
    module PolyolCaution
      MOST_PER_100G = 10.0
      WORDS = "More than a tenth of it is sugar alcohol (polyols): a lot of it can be laxative."

      # The words; nil where there is no need. polyols_g: grams in 100 g.
      def self.for(polyols_g) = (WORDS if polyols_g > MOST_PER_100G)
    end
  end
end
