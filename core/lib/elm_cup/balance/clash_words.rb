# frozen_string_literal: true

module ElmCup
  module Balance
    # A clash in words: what cannot be had together, and what each wish would have to give.
    #   wishes  their texts     certain  every step of it was proved     relax  Relaxes
    ClashWords = Value.of(:wishes, :words, :certain, :relax) do
      self::WITHIN = "while no line more than doubles or halves and nothing added is over a quarter of its part"

      # The words of a Clash::Found. within: what is kept to all the while, in words.
      def self.of(clash, library, within: self::WITHIN)
        names = clash.wishes.map { |wish| "“#{wish.words(library)}”" }
        new(wishes: clash.wishes.map(&:text), words: sentence(names, within), certain: clash.certain,
          relax: clash.relaxed.map { |relaxed| RelaxWords.of(relaxed, library) })
      end

      def self.sentence(names, within)
        return "#{names.first} is not possible here #{within}." if names.size == 1

        "#{names[0...-1].join(", ")} and #{names.last} do not go together #{within}."
      end
      private_class_method :sentence
    end
  end
end
