# frozen_string_literal: true

module ElmCup
  module Proposal
    # A clash in words: what cannot be had together, and what each wish would have to give.
    module ClashWords
      WITHIN = "with no line under half or over twice what it is, and no helper over a quarter of its part"

      # A Hash: wishes, words, relax. within: what is kept to all the while, in words.
      def self.to_h(clash, library, within: WITHIN)
        names = clash.wishes.map { |wish| "“#{Balance::WishWords.say(wish, library)}”" }
        {"wishes" => clash.wishes.map(&:text), "words" => sentence(names, within), "certain" => clash.certain, "relax" => clash.relaxed.map { |relaxed| relax(relaxed, library) }}
      end

      def self.sentence(names, within)
        return "#{names.first} cannot be had here, #{within}." if names.size == 1

        "#{names[0...-1].join(", ")} and #{names.last} cannot #{(names.size == 2) ? "both" : "all"} be, #{within}."
      end

      def self.relax(relaxed, library)
        wish = relaxed.wish
        {"wish" => wish.text, "to" => relaxed.to, "becomes" => becomes(relaxed)&.text, "enough" => relaxed.enough,
         "words" => "#{words(relaxed, library)}#{"; other wishes clash all the same" unless relaxed.enough}"}.compact
      end

      def self.becomes(relaxed)
        return if relaxed.to.nil?

        wish = relaxed.wish
        wish.figure? ? wish.at(relaxed.to) : wish.with(value: relaxed.to, text: wish.text.sub(/=.*\z/m, "=#{relaxed.to}"))
      end

      def self.words(relaxed, library)
        said = Balance::WishWords.say(relaxed.wish, library)
        return "“#{said}”: what it would have to give was not found" unless relaxed.known
        return "let “#{said}” go" if relaxed.to.nil?

        "“#{said}” gives way to “#{Balance::WishWords.say(becomes(relaxed), library)}”"
      end
      private_class_method :sentence, :relax, :becomes, :words
    end
  end
end
