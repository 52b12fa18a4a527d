# frozen_string_literal: true

module ElmCup
  # What can be seen of a text: letters, digits and signs, and none of the characters that take no ink.
  module VisibleText
    # Blanks that Unicode counts as letters or signs: Hangul fillers, the empty Braille cell.
    FILLERS = "\u115f\u1160\u2800\u3164\uffa0"
    INK = /[[:graph:]&&[^\p{C}\p{Z}\p{M}#{FILLERS}]]/
    LINE_ENDS = /[\r\n\u0085\u2028\u2029\v\f]/

    module_function

    # There is something to see in it.
    def any?(text) = text.match?(INK)

    # It is on one line.
    def one_line?(text) = !text.match?(LINE_ENDS)
  end
end
