# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What cooks take instead of an ingredient for a diet: rows of swaps.csv. Where there is nothing, the line goes out.
    module Swaps
      Swap = Value.of(:of, :diet, :to, :words, :times) do
        # It is for this Ingredient::Entry.
        def for?(entry) = of == "id:#{entry.like}" || of == "family:#{entry.family}"
      end
      ALL = DataTable.rows("swaps").map { |row|
        Swap.new(of: row["of"], diet: row["diet"], to: row["to"], words: row["words"], times: Rational(row["times"]))
      }.freeze

      # The members of a Finding that bring a line into line with `diet`; `also` are other diets that the swap must keep.
      def self.remedy(table, line, index, diet, also: [])
        swap = ALL.find { |each| each.diet == diet && each.for?(line.entry) && fits?(table.library[each.to], [diet, *also]) }
        return {remedy_text: "Take out #{line.entry.name.downcase}", patch: LineRemedy.remove(table, index)} unless swap

        LineRemedy.instead(table, index, "#{LineRemedy.grams_text(line.base_grams * swap.times)} #{swap.words}", swap.to)
      end

      # It breaks none of the diets.
      def self.fits?(entry, diets)
        (diets - [Mixture::Diets::LOW]).none? { |diet| entry.breaks?(diet) }
      end
      private_class_method :fits?
    end
  end
end
