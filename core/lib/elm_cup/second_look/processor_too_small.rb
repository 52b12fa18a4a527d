# frozen_string_literal: true

module ElmCup
  module SecondLook
    # More than a processor of this kitchen takes. Common practice: a small one is loaded in rounds.
    module ProcessorTooSmall
      ID = "processor-too-small"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        InRounds.of(whole, ID, "processor") do |words|
          "The processor is too small for all of it at once: #{words}. Grind it in rounds, each with its share of everything."
        end
      end
    end
  end
end
