# frozen_string_literal: true

require "strscan"

module ElmCup
  module Quantity
    # A place in a typed line that can try a way on and come back; shared by the readers of one line. The first fault stays.
    class Scan
      # What is wrong with the amount that stands here, a Fault, or nil.
      attr_reader :fault

      # from: the character of `text` where it begins.
      def initialize(text, from: 0)
        @scanner = StringScanner.new(text)
        @scanner.pos = text[0...from].bytesize
      end

      # What StringScanner does, called by a place on the way that is gone most often: no delegator stands between.
      def skip(pattern) = @scanner.skip(pattern)

      def check(pattern) = @scanner.check(pattern)

      def match?(pattern) = @scanner.match?(pattern)

      def scan(pattern) = @scanner.scan(pattern)

      def [](group) = @scanner[group]

      def pos = @scanner.pos

      def pos=(place)
        @scanner.pos = place
      end

      def charpos = @scanner.charpos

      def rest = @scanner.rest

      def string = @scanner.string

      # Runs the block; where it gives nothing the place and the fault are as they were.
      def attempt
        back = pos
        kept = @fault
        result = yield
        return result if result

        @fault = kept
        self.pos = back
        nil
      end

      # Notes a fault between two character offsets; nil.
      def refuse(from, to, code)
        @fault ||= Fault.new(from: from, to: to, code: code)
        nil
      end
    end
  end
end
