# frozen_string_literal: true

module ElmCup
  module Cold
    # What to do with it in the cold, in one or two sentences.
    module Sentence
      # step: the Step that is waited for, nil for none; weakest: the Hold that gives way first; unsure: the Hold that does so
      # where they are softer than reckoned; doubt: the TextureDoubt of a part, nil for none: it takes the place of what is said to be
      # firm and to stand.
      def self.of(step, weakest, unsure, doubt: nil)
        chilled = chill(step) if step && !(doubt && step.freezer.state == "already_firm")
        limit = limit(weakest) unless doubt && everywhere?(weakest)
        said = [chilled, limit, only_just(weakest, unsure)]
        (doubt&.apart ? [doubt.words, *said] : [*said, doubt&.words]).compact.join(" ")
      end

      class << self
        private

        def chill(step)
          freezer, fridge = step.freezer, step.fridge
          return freezer.why unless freezer.ready || fridge.ready

          where = if freezer.ready
            "#{minutes(freezer)} minutes in the freezer#{" (#{minutes(fridge)} in the fridge)" if fridge.ready}"
          else
            "#{minutes(fridge)} minutes in the fridge"
          end
          "Give it #{where} #{step.words}. #{step.touch_test[0].upcase}#{step.touch_test[1..]}."
        end

        def minutes(ready) = ready.ready.join(" to ")

        def everywhere?(hold) = hold.holds_to_c.to_i >= Hold::WARMEST

        def limit(weakest)
          return "It stands even at 40 °C." if everywhere?(weakest)
          return "The #{weakest.component} slumps even in the freezer." unless weakest.holds_to_c

          "It holds to #{Celsius.words(weakest.holds_to_c)}; the #{weakest.component} gives way first."
        end

        def only_just(weakest, unsure)
          to_c, surely_c = weakest.holds_to_c, unsure.surely_to_c
          return if to_c.nil? || (surely_c && to_c - surely_c < CLOSE_K)

          "The #{unsure.component} holds only just: #{surely(surely_c)}."
        end

        # K between what it holds to and what it holds to for sure, from which it is worth a word.
        CLOSE_K = 4

        def surely(to_c) = to_c ? "count on #{Celsius.words(to_c)}" : "do not count on it out of the freezer"
      end
    end
  end
end
