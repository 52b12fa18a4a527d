# frozen_string_literal: true

module ElmCup
  module Balance
    # The formula made in another way, with its amounts as they are: its coat tempered, a soft fat taken out for one that sets hard.
    #   document  a Hash      patch  on the formula as it is      assessment  of it      was  Assessment of the formula as it is
    #   changes   Changes     words  "Temper the shell"           least  nothing is less for sure
    Variant = Value.of(:document, :patch, :assessment, :was, :changes, :words, least: false) do
      def before = Assessment::Outline.new(was)

      def after = Assessment::Outline.new(assessment)

      # What it counts: a plain swap for each change. Source: docs/model.md, Balance.
      def size = Helpers::SWAP * changes.size

      def bound = size

      def proved? = least

      # The same, as the answer that it came to be among others.
      def ranked(least:, number:) = with(least: least && number.zero?)

      def times = 1

      def why = "#{words}: no amount has to change."

      def sums = nil
    end
  end
end
