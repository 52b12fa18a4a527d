# frozen_string_literal: true

module ElmCup
  module Cold
    # What to do with it in the cold, in one or two sentences.
    module Sentence
      # step: the Step that is waited for, nil for none; weakest: the Hold that gives way first; to_c: whole °C that it holds to, nil.
      def self.of(step, weakest, to_c) = [(chill(step) if step), holds(weakest, to_c)].compact.join(" ")

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

        def holds(weakest, to_c)
          return "The #{weakest.component} slumps even in the freezer." unless to_c
          return "It stands even at 40 °C." if to_c >= Hold::WARMEST

          "It holds to #{to_c.to_s.tr("-", "−")} °C; the #{weakest.component} gives way first."
        end
      end
    end
  end
end
