# frozen_string_literal: true

module ElmCup
  module Fat
    # One of the pseudo-components that a fat is reckoned as, each crystallising alone from an ideal solution.
    #   melts_c      °C          heat_kj_mol   heat of melting         grams_mol  molar mass
    #   tau_minutes  how slowly it sets       network  how much a gram of it stiffens what it sits in, beside cocoa butter's 1.5
    # Source: rows of core/data/fat_components.csv.
    Component = Value.of(:id, :melts_c, :heat_kj_mol, :grams_mol, :tau_minutes, :network, derived: true) do
      # kJ/(mol K), and what makes kelvin of °C.
      self::GAS = 0.008314
      self::KELVIN = 273.15

      # A Component of a row.
      def self.from_row(row)
        new(id: row["component"], melts_c: row["melts_c"].to_f, heat_kj_mol: row["heat_kj_mol"].to_f, grams_mol: row["grams_mol"].to_f,
          tau_minutes: row["tau_minutes"].to_f, network: row["network"].to_f)
      end

      # Moles of it that dissolve in one mole of liquid fat at °C: exp[(dH/R)(1/Tm - 1/T)]; infinite where it has melted.
      def solubility(celsius)
        return Float::INFINITY if celsius >= melts_c

        Math.exp(@per_gas * (@per_kelvin - 1 / (celsius + self.class::KELVIN)))
      end

      private

      def derive
        @per_gas = heat_kj_mol / self.class::GAS
        @per_kelvin = 1 / (melts_c + self.class::KELVIN)
      end
    end

    # Every one by its id.
    Component::ALL = DataTable.rows("fat_components").to_h { |row| [row["component"], Component.from_row(row)] }.freeze
  end
end
