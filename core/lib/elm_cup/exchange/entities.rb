# frozen_string_literal: true

require "htmlentities"

module ElmCup
  module Exchange
    # "&frac12;" and "&#189;" as the characters they stand for. A number that stands for none stays as it was written.
    module Entities
      CODER = HTMLEntities.new
      NUMBERED = /&#(?:x(\h{1,8})|(\d{1,8}));/i
      NO_CHARACTER = (0xD800..0xDFFF)
      LAST = 0x10FFFF

      # `text` decoded.
      def self.decode(text)
        return text unless text.include?("&")

        CODER.decode(text.gsub(NUMBERED) { |whole|
          if character?(($1) ? $1.hex : $2.to_i)
            whole
          else
            whole.sub("&", "&amp;")
          end
        })
      end

      def self.character?(code) = code.between?(1, LAST) && !NO_CHARACTER.cover?(code)
      private_class_method :character?
    end
  end
end
