# frozen_string_literal: true

module ElmCup
  module Coating
    # How much of a coat the pieces of a formula want.
    #   kind, words   what is done      component  what it is made of, nil where there is none      assumed  nobody said so
    #   layers        CoatLayers on the first kind of piece      piece_grams  on one, as far as there is enough
    #   grams_needed  on all of them, what is trimmed off among it      grams_with_spare  to have ready
    #   grams_low, grams_high  the band of what is needed      have_grams  what the part comes to, nil where there is none
    #   left_grams, short_grams  of that: what stays, or is wanting of what is needed; nil where nothing is said
    #   thickness_mm  all layers together      dip_set  pieces between two warmings, nil where nothing is dipped
    #   school, notes
    class Need
      Figures = Value.of(:kind, :words, :component, :assumed, :coats, :thickness_mm, :layers, :piece_grams, :grams_needed, :grams_low,
        :grams_high,
        :grams_with_spare, :have_grams, :left_grams, :short_grams, :dip_set, :school, :notes) do
        self::DIGITS = {thickness_mm: 2, piece_grams: 2, grams_needed: 1, grams_low: 0, grams_high: 0, grams_with_spare: 0, have_grams: 1,
                        left_grams: 1, short_grams: 1}.freeze
      end

      attr_reader :work, :together

      # coated: [CoatedPiece, Piece::Yield] of each bowl; together: the Yield of all; made: the Assessment::Part it is made of, nil for
      # none.
      def initialize(work, coated, together, made)
        @work = work
        @coated = coated
        @together = together
        @made = made
      end

      # Kind that is reckoned with: what cannot be done to a shape is dipped.
      def used = @used ||= (fits? ? work.coat.kind : Kind.all.fetch("dip"))

      def kind = used.id

      def words = used.words_on(piece)

      def component = work.coat.component

      def assumed = work.coat.assumed || nil

      def coats = work.coat.coats

      def school = (work.school if used.melted?)

      # CoatLayers on one piece of each bowl.
      def layers_of(index) = layers_by_bowl[index]

      def layers = layers_by_bowl.first

      def thickness_mm = used.thickness_mm(layers)

      # Grams on one piece of the bowl at an index, and on the average; no more than there is.
      def on_piece(index) = grams_of(index) * enough

      def on_average = on_pieces * enough / @together.count

      def piece_grams = on_average

      # Grams that one piece would want on the average.
      def wanted_each = on_pieces / @together.count

      # What is on the pieces and on what is trimmed off them.
      def grams_needed
        @grams_needed ||= @coated.each_with_index.sum { |(_, yielded), at| grams_of(at) * yielded.count * with_trim(yielded) }
      end

      def grams_low = grams_needed * (1 - used.band_pct / 100.0)

      def grams_high = grams_needed * (1 + used.band_pct / 100.0)

      def grams_with_spare = used.spare(grams_needed)

      def have_grams = (work.grams.to_f if @made)

      # What stays in the bowl when every piece has its coat.
      def left_grams = have_grams && [have_grams - grams_needed, 0.0].max

      def short_grams = have_grams && (grams_needed - have_grams).then { |short| short if short.positive? }

      # nil where a tempered bowl is kept warm all the time, and where nothing is dipped.
      def dip_set
        return unless dipped? && !work.tempered?

        @dip_set ||= DipSet.new(work.shell, piece.body, [have_grams || grams_with_spare, grams_with_spare].max, share: used.share,
          thick_mm: work.coat.thickness_mm).pieces
      end

      # Pieces go into the bowl, one after another; the tops of what stands in a liner are poured.
      def dipped? = used.dips? && !piece.open_top?

      # All of that as a value.
      def figures = Figures.new(**Figures::MEMBERS.to_h { |name| [name, public_send(name)] })

      # Words on what was taken for granted, or could not be.
      def notes
        [("A shell needs cups or a mould; it is reckoned as a dip." unless fits?),
          ("No part says what it is made of; plain chocolate chips are reckoned with, and nothing of it is in the nutrition." unless @made),
          ("With #{(work.chocolate.fat * 100).round} % fat it is too thick to dip: thin it first." if used.dips? && work.chocolate.thick?)].compact
      end

      private

      def fits? = work.coat.kind.fits?(piece)

      # CoatedPiece of the first bowl.
      def piece = @coated.first.first

      def layers_by_bowl = @layers_by_bowl ||= @coated.map { |piece, _| used.layers(piece, work) }

      def grams_of(index) = layers_of(index).sum(&:grams)

      def on_pieces = @coated.each_with_index.sum { |(_, yielded), at| grams_of(at) * yielded.count }

      # What is trimmed off was coated as well where the coat goes on before the cut.
      def with_trim(yielded)
        return 1.0 if used.dips? || !yielded.trim_grams&.positive?

        on = yielded.count * yielded.piece_grams
        (on + yielded.trim_grams) / on
      end

      # The share of what is wanted that is there.
      def enough = (have_grams && have_grams < grams_needed) ? have_grams / grams_needed : 1.0
    end
  end
end
