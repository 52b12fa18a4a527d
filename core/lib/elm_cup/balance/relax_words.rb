# frozen_string_literal: true

module ElmCup
  module Balance
    # What one wish would have to give, in words.
    #   wish  its text     to  what it gives way to, nil where it must go     becomes  the text of the wish that it becomes
    #   enough  with it everything else that is wished can be had
    RelaxWords = Value.of(:wish, :to, :becomes, :enough, :words) do
      # The words of a Price::Relaxation.
      def self.of(relaxed, library)
        becomes = relaxed.to.nil? ? nil : relaxed.wish.relaxed_to(relaxed.to)
        said = "#{say(relaxed, becomes, library)}#{"; other wishes still clash" unless relaxed.enough}"
        new(wish: relaxed.wish.text, to: relaxed.to, becomes: becomes&.text, enough: relaxed.enough, words: said)
      end

      def self.say(relaxed, becomes, library)
        said = relaxed.wish.words(library)
        return "“#{said}”: how far it must be loosened was not found" unless relaxed.known

        becomes ? "“#{said}” becomes “#{becomes.words(library)}”" : "let “#{said}” go"
      end
      private_class_method :say
    end
  end
end
