# frozen_string_literal: true

module ElmCup
  module Door
    # A Pantry::LabelReading as a Hash ("label/1").
    module LabelWriter
      def self.call(reading)
        {
          "elm_cup" => "label/1", "ingredient" => PantryRows.row(reading.entry, reading.library),
          "starts_from" => PantryRows.row(reading.start, reading.base), "notes" => reading.notes
        }
      end
    end
  end
end
