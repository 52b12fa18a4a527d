# frozen_string_literal: true

module ElmCup
  module Exchange
    # Rows of a Markdown table, or of a file under the heads of its columns, as lines of a recipe: the amount first, then its ingredient,
    # then what is said of it. The heads may name units: | Oats | 200 | below | Ingredient | g |; a column of parts heads those below it.
    class RecipeTable
      ROW = /\A\s*\|/
      RULED = /\A:?-+:?\z/
      NAMES = /\A(?:ingredients?|items?|names?|what)?\z/i
      PARTS = /\A(?:parts?|components?|sections?|layers?|groups?|for)\z/i
      AMOUNTS = /\A(?:amounts?|qty|quantit(?:y|ies)|how much|weights?)\z/i
      UNITS = /\A(?:units?|measures?)\z/i
      NOTES = /\A(?:notes?|prep(?:aration)?|comments?)\z/i
      HEADS = [NAMES, PARTS, AMOUNTS, UNITS, NOTES].freeze
      NUMBER = %r{\A[\d\s.,/½¼¾⅓⅔⅛]+\z}
      # What parts the fields of a file.
      SEPARATORS = [";", "\t", ","].freeze

      def initialize
        @units = []
        @part = nil
      end

      # Array of the lines that a row stands for: none for one that rules the table off or heads its columns, two where a part begins with
      # it; any other text as it is.
      def lines(text)
        cells = cells(text) or return [text]
        return [] if cells.all? { |cell| cell.match?(RULED) } || heads?(cells)

        part = @part_at && cells[@part_at]
        rest = cells.each_with_index.reject { |_, at|
          at == @part_at
        }.map { |cell, at| (@units[at] && cell.match?(NUMBER)) ? "#{cell} #{@units[at]}" : cell }
        return [row(rest.reject(&:empty?))] if part.to_s.empty? || part == @part

        @part = part
        ["For the #{part}:", row(rest.reject(&:empty?))]
      end

      private

      # The cells of a row, nil for what is none.
      def cells(text)
        return text.strip.delete_prefix("|").split(/(?<!\\)\|/).map(&:strip) if text.match?(ROW)

        found = @separator || SEPARATORS.find { |each| headed?(text.split(each).map(&:strip)) } or return
        fields = text.split(found, -1).map(&:strip)
        return if @separator && fields.size != @columns

        @separator = found
        @columns = fields.size
        (@unit_at = fields.index { |head| head.match?(UNITS) }) if headed?(fields)
        joined(fields)
      end

      # At least three heads, names and amounts among them.
      def headed?(fields)
        fields.size >= 3 && fields.none?(&:empty?) && fields.all? { |field|
          HEADS.any? { |head|
            field.match?(head)
          } || Quantity::Unit.find(field)
        } &&
          fields.any? { |field| field.match?(NAMES) }
      end

      # A number with the unit of its own column.
      def joined(fields)
        return fields unless @unit_at&.positive? && !headed?(fields)

        fields.each_with_index.filter_map { |field, at|
          (at == @unit_at - 1) ? "#{field} #{fields[@unit_at]}".strip : (field unless at == @unit_at)
        }
      end

      # The heads of columns that name units or parts; they hold for the rows below.
      def heads?(cells)
        units = cells.map { |cell| cell if Quantity::Unit.find(cell) }
        parts = cells.index { |cell| cell.match?(PARTS) }
        return false if cells.none? { |cell| cell.match?(NAMES) } || (units.none? && parts.nil? && !headed?(cells))

        @units = units
        @part_at = parts
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
