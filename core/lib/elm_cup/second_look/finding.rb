# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What a rule noticed: the rule's id, the component's name, a message with the reason, and the Remedy.
    Finding = Value.of(:rule, :component, :message, :remedy) do
      # The Finding whose remedy has these words and this patch.
      def self.mended_by(remedy_text:, patch:, **said) = new(remedy: Remedy.new(text: remedy_text, patch: patch), **said)
    end
  end
end
