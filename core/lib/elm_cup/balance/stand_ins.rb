# frozen_string_literal: true

module ElmCup
  module Balance
    # What may take the place of a line that has to go: what cooks take instead, then what is most like it in the bowl.
    class StandIns
      MOST = 4
      # How far two ingredients are apart: figures of binding per gram, composition per 100 g over this.
      PER_100G = 40.0
      FAMILY = 0.4
      LIKE = 2.5
      # ingredient id => its kind: what is there for its taste, or is nothing for this bowl, stands in for its own kind only.
      KINDS = DataTable.rows("stand_in_kinds").flat_map { |row| DataTable.list(row["ingredients"]).map { |id| [id, row["kind"]] } }.to_h
        .merge(SecondLook::RawFlour::FLOURS.to_h { |id| [id, SecondLook::RawFlour::ID] }).freeze
      # Kinds that nobody is to be offered: what is not for eating as it comes.
      NEVER = [SecondLook::RawFlour::ID, "needs cooking"].freeze

      # The Ingredient::Entry may be proposed at all.
      def self.eaten_as_it_is?(entry) = !NEVER.include?(KINDS[entry.like])

      # What cooks take where the diet is not the reason; for a diet see SecondLook::Swaps.
      Custom = Value.of(:of, :to, :times)
      CUSTOMS = DataTable.rows("stand_ins").map { |row| Custom.new(of: row["of"], to: row["to"], times: Rational(row["times"])) }.freeze

      # fits: whether an Ingredient::Entry may come in.
      def initialize(library, &fits)
        @library = library
        @fits = fits
      end

      # [Entry, how many times the grams] of at most MOST, the likeliest first. line: Ingredient::Line; portion: its Binding::Portion, nil
      # for none.
      def for(line, portion, most: MOST)
        (customs(line.entry) + alike(line, portion).map { |entry| [entry, 1] }).uniq(&:first).reject { |entry, _| entry == line.entry }
          .select { |entry, _| StandIns.eaten_as_it_is?(entry) && @fits.call(entry) }.first(most)
      end

      private

      def customs(entry)
        taken = CUSTOMS.select { |custom| custom.of == entry.like } + SecondLook::Swaps::ALL.select { |swap| swap.for?(entry) }
        taken.filter_map { |each| [@library[each.to], each.times] if @library[each.to] }
      end

      def alike(line, portion)
        form = portion&.figures&.form || line.form
        own = @library.binding(line.entry.id, form) || @library.binding_of(line.entry.id).first or return []
        near = @library.all.filter_map do |entry|
          figures = @library.binding(entry.id, form) || @library.binding(entry.id, entry.hand_form)
          next if KINDS[entry.like] != KINDS[line.entry.like]
          next if figures.nil? || figures.kind != own.kind || figures.inclusion != own.inclusion ||
            entry.perishable != line.entry.perishable

          [distance(line.entry, own, entry, figures), entry]
        end
        near.select { |distance, _| distance < LIKE }.sort_by { |distance, entry| [distance, entry.id] }.map(&:last)
      end

      def distance(entry, own, other, figures)
        binding = %i[a b o d].sum { |letter| (own.public_send(letter) - figures.public_send(letter)).abs }
        one, two = [entry, other].map(&:composition)
        composition = %i[sugars fat protein starch fibre].sum { |part| (one.public_send(part) - two.public_send(part)).abs } / PER_100G
        binding + composition + ((entry.family == other.family) ? 0.0 : FAMILY)
      end
    end
  end
end
