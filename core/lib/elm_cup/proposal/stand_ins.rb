# frozen_string_literal: true

module ElmCup
  module Proposal
    # What may take the place of a line that has to go: what cooks take instead, then what is most like it in the bowl.
    class StandIns
      MOST = 4
      # How far two ingredients are apart: figures of binding per gram, composition per 100 g over this.
      PER_100G = 40.0
      FAMILY = 0.4
      LIKE = 2.5
      # What is there for its taste stands in for nothing else.
      SEASONING = %w[spice flavour salt water].freeze

      # fits: whether an Ingredient::Entry may come in.
      def initialize(library, &fits)
        @library = library
        @fits = fits
      end

      # [Entry, how many times the grams] of at most MOST, the likeliest first. line: Ingredient::Line; portion: its Binding::Portion, nil for none.
      def for(line, portion, most: MOST)
        swaps = SecondLook::Swaps::ALL.select { |swap| swap.for?(line.entry) }.filter_map { |swap| [@library[swap.to], swap.times] if @library[swap.to] }
        (swaps + alike(line, portion).map { |entry| [entry, 1] }).uniq(&:first).reject { |entry, _| entry == line.entry }.select { |entry, _| @fits.call(entry) }.first(most)
      end

      private

      def alike(line, portion)
        form = portion&.figures&.form || line.form
        own = @library.binding(line.entry.id, form) || @library.binding_of(line.entry.id).first or return []
        near = @library.all.filter_map do |entry|
          figures = @library.binding(entry.id, form) || @library.binding(entry.id, entry.hand_form)
          next if SEASONING.include?(entry.family) && entry.family != line.entry.family
          next if figures.nil? || figures.kind != own.kind || figures.inclusion != own.inclusion || entry.perishable != line.entry.perishable

          [distance(line.entry, own, entry, figures), entry]
        end
        near.select { |distance, _| distance < LIKE }.sort_by { |distance, entry| [distance, entry.id] }.map(&:last)
      end

      def distance(entry, own, other, figures)
        binding = %i[a b o d].sum { |letter| (own.public_send(letter) - figures.public_send(letter)).abs }
        composition = %i[sugars fat protein starch fibre].sum { |part| (entry.composition.public_send(part) - other.composition.public_send(part)).abs } / PER_100G
        binding + composition + ((entry.family == other.family) ? 0.0 : FAMILY)
      end
    end
  end
end
