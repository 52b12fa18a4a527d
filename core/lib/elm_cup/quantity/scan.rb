# frozen_string_literal: true

require "strscan"
require "forwardable"

module ElmCup
  module Quantity
    # A place in a typed line that can try a way on and come back; shared by the readers of one line. The first fault stays.
    class Scan
      extend Forwardable

      def_delegators :@scanner, :skip, :check, :scan, :[], :pos, :pos=, :charpos, :rest, :string, :matched

      # What is wrong with the amount that stands here, a Fault, or nil.
      attr_reader :fault

      # from: the character of `text` where it begins.
      def initialize(text, from: 0)
        @scanner = StringScanner.new(text)
        @scanner.pos = text[0...from].bytesize
      end

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
