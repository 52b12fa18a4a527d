# frozen_string_literal: true

module ElmCup
  module Counter
    # What to do about a Complaint in one bowl: rows of the decision table with their amounts, for as much as there is. Half of every amount
    # goes in first. Source: docs/model.md, At the counter.
    class Advice
      # turn, text, minutes, source as in Complaint::Row; of an amount: ingredient id, grams, text to add, first_text: half of it.
      Said = Value.of(:turn, :text, :source, minutes: nil, ingredient: nil, grams: nil, add: nil, first_text: nil)
      LEAD = "lead"
      GRAMS = "g"
      # As much over the amount as a spoon may be that stands for it.
      ROUNDING = 1.34

      # part: Assessment::Part; mix: Binding::Mix of what is in the bowl, nil where there is none; grams: of it.
      def initialize(complaint, part:, mix:, grams:)
        @complaint = complaint
        @part = part
        @mix = mix
        @grams = grams
      end

      # Saids, in the order that they are tried in.
      def all
        here = Circumstances.new(@mix)
        @complaint.rows.select { |row| here.hold?(row.only) }.filter_map { |row| row.amount ? measured(row) : plain(row) }
      end

      private

      def plain(row) = Said.new(turn: row.turn, text: row.words, minutes: row.minutes, source: row.source)

      # nil where there is nothing to measure it with, or for.
      def measured(row)
        helper = helper(row.ingredient) or return
        whole, half, line = amounts(row, helper)
        return unless line

        text = format(row.words, amount: whole, ingredient: helper.words)
        Said.new(turn: row.turn, text: text, minutes: row.minutes, source: row.source, ingredient: helper.entry.id,
          grams: line.grams.to_f, add: line.text, first_text: "#{half} #{helper.words}")
      end

      # [the amount, half of it, the Ingredient::Line that it is].
      def amounts(row, helper)
        share = row.amount * Rational(@grams.to_s) / row.per_grams
        if row.measure == GRAMS
          whole, half = [share, share / 2].map { |grams| "#{[grams.round, 1].max} g" }
        else
          millilitres = @part.measures.millilitres("1 #{row.measure}") * share
          spoons = Quantity::DoseAmounts.of(@part.measures)
          whole = spoons.nearest(millilitres, most: millilitres * ROUNDING) || spoons.nearest(0, most: Float::MAX)
          half = spoons.nearest(millilitres / 2, most: millilitres) || whole
        end
        [whole, half, helper.line(whole)]
      end

      # Binding::Helper of what binds most in the bowl, or of the first ingredient that brings no allergen into it.
      def helper(ids)
        return lead if ids == LEAD

        entry = DataTable.list(ids).map { |id| @part.library[id] }.find { |each| (each.allergens - allergens - NAMED_APART).empty? }
        entry && Binding::Helper.new(entry, entry.names.first || entry.name.downcase, @part.resolver)
      end

      NAMED_APART = %w[coconut].freeze

      def allergens = @allergens ||= (@mix&.lines || []).flat_map { |line| line.entry.allergens }.uniq

      def lead
        portion, = @mix&.counted&.select { |_, ml| ml.positive? }&.max_by(&:last)
        portion && Binding::Helper.like(portion.line, @part.resolver)
      end
    end
  end
end
