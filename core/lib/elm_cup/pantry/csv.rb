# frozen_string_literal: true

require "csv"

module ElmCup
  module Pantry
    # The household's own ingredients as CSV, in and out: one row an ingredient.
    module Csv
      LABEL = %w[basis serving_g rule kcal kj fat_g saturates_g carbohydrate_g sugars_g added_sugars_g polyols_g fibre_g protein_g salt_g sodium_mg].freeze
      COLUMNS = ["id", "name", "starts_from", "names", *LABEL, "ingredients", "price", "pack_grams", "grams_per_cup", "grams_each"].freeze
      TEXTS = %w[id name starts_from names basis rule ingredients].freeze
      REQUIRED = %w[id].freeze
      MOST_BYTES = 1_000_000
      MOST_ROWS = 20_000
      CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f]/
      QUOTED_OR_END = /"(?:[^"]++|"")*+"|\r\n?/
      # "1,5" where a semicolon parts the cells.
      DECIMAL_COMMA = /\A-?\d+,\d+\z/

      # CSV text of ingredients (Hashes).
      def self.write(ingredients)
        SafeCsv.write([COLUMNS, *ingredients.map { |said| row(said) }])
      end

      # Ingredients (Hashes) of CSV bytes. InvalidDocument naming the row and column of every fault; whether the labels can be true
      # is for Pantry to say.
      def self.read(bytes)
        table = table(text_of(bytes))
        headers(table.headers.compact.map(&:strip))
        faults = []
        rows = table.each_with_index.reject { |row, _| row.fields.all? { |cell| cell.to_s.strip.empty? } }
          .map { |row, at| ingredient(row, at + 2, faults) }
        raise InvalidDocument.new(faults.first(20)) if faults.any?

        refuse(:csv_without_rows) if rows.empty?
        rows
      end

      # Faults of Pantry name places by number; in a table they are rows and columns.
      def self.rename(error)
        InvalidDocument.new(error.faults.map { |fault|
          at, *keys = fault.pointer.split("/").drop(1)
          row = at.to_s.match?(/\A\d+\z/) ? at.to_i + 2 : 2
          keys = [at, *keys] unless at.to_s.match?(/\A\d+\z/)
          fault.with(pointer: "row #{row}#{", #{keys.last}" if keys.last && keys.last != "label"}")
        })
      end

      class << self
        private

        def row(said)
          label = said["label"] || {}
          COLUMNS.map { |column| (column == "names") ? NameList.write(said["names"]) : said[column] || label[column] }
        end

        def refuse(code, **facts) = InvalidDocument.refuse("", code, **facts)

        def text_of(bytes)
          refuse(:too_many_bytes, count: bytes.bytesize, most: MOST_BYTES) if bytes.bytesize > MOST_BYTES
          text = bytes.dup.force_encoding(Encoding::UTF_8).delete_prefix("\uFEFF")
          refuse(:csv_not_utf8) unless text.valid_encoding?
          refuse(:csv_empty, columns: COLUMNS.join(",")) if text.strip.empty?
          # Line ends of a text in quotes are its own.
          refuse(:csv_too_many_rows, count: text.count("\n"), most: MOST_ROWS) if text.count("\n\r") > MOST_ROWS
          text = text.gsub(QUOTED_OR_END) { |found| found.start_with?("\"") ? found : "\n" }
          control = text.index(CONTROL) or return text
          raise InvalidDocument.new([Fault.at("row #{text[0..control].count("\n") + 1}", :control_character,
            code: format("%04X", text[control].ord))])
        end

        def table(text)
          head = text.lines.first
          separator = [",", ";", "\t"].max_by { |each| head.count(each) }
          ::CSV.parse(text, headers: true, col_sep: separator)
        rescue ::CSV::MalformedCSVError => error
          refuse(:not_csv, reason: error.message[0, 120])
        end

        def headers(found)
          strange = found - COLUMNS
          missing = REQUIRED - found
          refuse(:csv_column_missing, column: missing.first, columns: COLUMNS.join(",")) if missing.any?
          refuse(:csv_column_unknown, column: strange.first, columns: COLUMNS.join(", ")) if strange.any?
          twice = found.tally.find { |_, count| count > 1 }
          refuse(:csv_column_doubled, column: twice.first) if twice
        end

        def ingredient(row, number, faults)
          named, beyond = row.to_a.partition(&:first)
          stray = beyond.map { |_, cell| cell.to_s.strip }.find { |cell| !cell.empty? }
          faults << Fault.at("row #{number}", :csv_cell_too_many, cell: stray[0, 40]) if stray
          cells = named.to_h.compact.transform_keys(&:strip).transform_values { |cell| SafeCsv.meant(cell) }
            .reject { |_, cell| cell.empty? }
          values = cells.to_h { |column, cell| [column, TEXTS.include?(column) ? cell : number(cell, number, column, faults)] }
          values["names"] = NameList.read(values["names"]) if values["names"]
          label = values.slice(*LABEL)
          label.empty? ? values : values.except(*LABEL).merge("label" => label)
        end

        def number(cell, row, column, faults)
          plain = cell.match?(DECIMAL_COMMA) ? cell.tr(",", ".") : cell
          value = Integer(plain, 10, exception: false) || Float(plain, exception: false)
          return value if value&.finite?

          faults << Fault.at("row #{row}, #{column}", :cell_no_number, cell: cell[0, 40])
          0
        end
      end
    end
  end
end
