# frozen_string_literal: true

module ElmCup
  module Piece
    # What a shape makes of what there is.
    #   count        whole pieces                  words   the same in words
    #   piece_grams, piece_ml  of one, without a coat      piece_mm  [length, width, height] of one
    #   diameter_mm  of what is round, side_mm of what is square, nil where nothing is            size  in words
    #   over_grams   what is left of the dough; trim_grams  what is cut off and no piece
    #   layers       LayerSizes of one piece, from the foot up or from the core outwards
    #   body         Box, Prism, Spheroid or Dome: what a coat goes around      practice_mm  what rows of practice go by
    #   cut          Cut, of what is cut; tin  Tin that it stands in             full_grams  what would fill it exactly, nil where nothing
    #   does
    #   by_weight    Weighing                      gives_way  the key of the figure that follows from the others
    #   sheet_cm2    of what is poured out flat, nil where nothing is
    #   notes        words on what could not be as it was said
    Yield = Value.of(:count, :words, :piece_grams, :piece_ml, :size, :over_grams, :body, :practice_mm, layers: [].freeze, diameter_mm: nil,
      side_mm: nil, trim_grams: nil, cut: nil, tin: nil, full_grams: nil, sheet_cm2: nil, by_weight: nil, gives_way: nil,
      notes: [].freeze) do
      self::DIGITS = {piece_grams: 2, piece_ml: 2, diameter_mm: 1, over_grams: 1, trim_grams: 1, full_grams: 1, sheet_cm2: 1, piece_mm: 1,
                      length_mm: 1, height_mm: 1, side_mm: 1}.freeze
      # For the core alone.
      self::HIDDEN = %i[body practice_mm].freeze
      # Members that are reckoned from others.
      self::ALSO = %i[piece_mm length_mm height_mm form over_words].freeze
      # Grams that nobody calls over, and the share of a piece that is nearly one more.
      self::OVER = 0.5
      self::NEARLY = 0.9

      # Millimetres of one piece: [length, width, height].
      def piece_mm = body.mm

      def length_mm = body.mm.first

      def height_mm = body.mm.last

      # "12 g over"; nil where nothing is. What is nearly a piece is said.
      def over_words
        return if over_grams < self.class::OVER

        more = ", nearly one more" if gives_way == "pieces" && over_grams >= self.class::NEARLY * piece_grams
        "#{over_grams.round((over_grams < 10) ? 1 : 0)} g over#{more}"
      end

      # What a section of it is drawn as: "ball", "bar", "disc" or "dome".
      def form = body.form

      # Several together; what they are like is told by the first that any piece falls to.
      def self.together(yields, words)
        return yields.first if yields.size == 1

        first = yields.find { |each| each.count.positive? } || yields.first
        count = yields.sum(&:count)
        first.with(count: count, words: words.call(count), over_grams: yields.sum(&:over_grams),
          trim_grams: first.trim_grams && yields.sum { |each| each.trim_grams.to_f }, by_weight: nil, notes: yields.flat_map(&:notes).uniq)
      end
    end
    # A component in one piece: millimetres of its layer, grams.
    Yield::LayerSize = Value.of(:component, :mm, :grams) do
      self::DIGITS = {mm: 1, grams: 2}.freeze
    end
  end
end
