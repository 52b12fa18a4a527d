# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What a rule noticed: the rule's id, the component's name, a message with the reason, and the remedy: words and a
    # JSON Patch on the formula document after which the finding is gone.
    Finding = Value.of(:rule, :component, :message, :remedy_text, :patch)
  end
end
