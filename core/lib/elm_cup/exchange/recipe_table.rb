# frozen_string_literal: true

module ElmCup
  module Exchange
    # Rows of a Markdown table as lines of a recipe: the amount first, then its ingredient, then what is said of it. The heads of
    # the columns may name units: | Oats | 200 | below | Ingredient | g |.
    class RecipeTable
      ROW = /\A\s*\|/
      RULED = /\A:?-+:?\z/
      NAMES = /\A(?:ingredients?|items?|names?|what)?\z/i
      NUMBER = %r{\A[\d\s.,/½¼¾⅓⅔⅛]+\z}

      def initialize
        @units = []
      end

      # The line that a row stands for, empty for one that rules the table off or names its units; any other text as it is.
      def line(text)
        return text unless text.match?(ROW)

        cells = text.strip.delete_prefix("|").split(/(?<!\\)\|/).map(&:strip)
        return "" if cells.all? { |cell| cell.match?(RULED) }
        return "" if units?(cells)

        row(cells.each_with_index.map { |cell, at| (@units[at] && cell.match?(NUMBER)) ? "#{cell} #{@units[at]}" : cell }.reject(&:empty?))
      end

      private

      # The heads of columns that name units; they hold for the rows below.
      def units?(cells)
        units = cells.map { |cell| cell if Quantity::Unit.find(cell) }
        return false unless units.any? && cells.any? { |cell| cell.match?(NAMES) }

        @units = units
        true
      end

      def row(cells)
        amounts, others = cells.partition { |cell| amount?(cell) }
        return cells.join(" ") if amounts.empty?

        ["#{amounts.first} #{others.first}", *others.drop(1)].join(", ")
      end

      def amount?(cell) = Quantity::LineReader.read(cell).fault&.code == :of_what
    end
  end
end
