# frozen_string_literal: true

module ElmCup
  module Piece
    # Disher scoops by number: n level scoops fill one US quart of 32 fluid ounces. Spoons measure a piece as well.
    module Scoop
      NUMBERS = [4, 6, 8, 10, 12, 16, 20, 24, 30, 40, 50, 60, 70, 100].freeze
      # A small scoop.
      USUAL = 40
      # What cooks call the common ones. Source: common practice.
      SPOONS = DataTable.rows("scoops").freeze
      Choice = Value.of(:value, :words)

      # Millilitres of scoop number `number` (4 to 100), exact. Source: GNU units, scoop(n).
      def self.millilitres(number) = 32 * Quantity::CupStandard::US.fluid_ounce_ml / number

      # The same as a document has it.
      def self.ml(number) = millilitres(number).to_f.round(2)

      # The same as it is said, "24", and "9.5" of a small one.
      def self.said_ml(number) = said(millilitres(number).to_f)

      # Choices of every scoop and spoon, the largest first.
      def self.choices
        numbers = NUMBERS.map { |number| Choice.new(value: ml(number), words: "##{number} (#{said_ml(number)} mL)") }
        spoons = SPOONS.map { |row|
          Choice.new(value: row["millilitres"].to_f, words: "#{row["words"]} (#{said(row["millilitres"].to_f)} mL)")
        }
        (numbers + spoons).sort_by { |choice| -choice.value }
      end

      def self.said(ml) = ml.round((ml < 10) ? 1 : 0).to_s.delete_suffix(".0")
      private_class_method :said
    end
  end
end
