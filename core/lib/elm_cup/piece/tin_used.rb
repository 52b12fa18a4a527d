# frozen_string_literal: true

module ElmCup
  module Piece
    # The tin that a slab stands in: its inner measures, how many of them, what it is called, and how far its first side is filled where
    # the dough does not reach (nil where it does).
    TinUsed = Value.of(:mm, :count, :words, filled_mm: nil) do
      self::DIGITS = {filled_mm: 1}.freeze
    end
  end
end
