# frozen_string_literal: true

module ElmCup
  module Wish
    # A wish held against an assessment.
    #   wish  its text     component  that it is said of, nil for none     words  as a cook says it
    #   now   the figure or texture as it is, said; nil for none           met    it is granted
    #   message  why it cannot be judged, nil where it can
    State = Value.of(:wish, :component, :words, :now, :met, :message) do
      # The State of a wish; library: where its ingredients are found.
      def self.of(wish, assessment, library)
        new(wish: wish.text, component: wish.part, words: wish.words(library), now: wish.now_said(assessment), met: wish.met?(assessment),
          message: wish.waits(assessment)&.message)
      end
    end
  end
end
