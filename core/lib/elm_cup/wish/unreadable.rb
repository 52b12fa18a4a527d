# frozen_string_literal: true

module ElmCup
  module Wish
    # A text that is no wish, kept or said.
    class Unreadable < Error
      # Raises it with the Fault of a code.
      def self.because(code, **facts) = refuse("", code, **facts)
    end
  end
end
