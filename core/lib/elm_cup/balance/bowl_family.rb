# frozen_string_literal: true

module ElmCup
  module Balance
    # A kind of bowl that cooks make, by what carries it: roles with the usual share of the bowl, and what can fill each.
    class BowlFamily
      # of: "family:dates" or "id:cocoa", any of them; share of the bowl; taken: "always", "usually" or nil; usual: the id of what it is
      # where nobody says.
      Role = Value.of(:name, :of, :share, :taken, :usual) do
        # The Role of a row of bowl_roles.csv.
        def self.from_row(row)
          new(name: row["role"], of: DataTable.list(row["of"]), share: row["share"].to_f, taken: row["taken"], usual: row["usual"])
        end

        # There is no such bowl without it.
        def needed? = taken == "always"

        # It is taken where there is any.
        def usual? = !taken.nil?

        # The Ingredient::Entry can fill it.
        def takes?(entry) = !rank(entry).nil?

        # Its place among what fills the role, the first as most cooks would; nil where it cannot.
        def rank(entry) = of.index { |each| each == "id:#{entry.like}" || each == "family:#{entry.family}" }
      end

      attr_reader :id, :name, :process, :roles

      def initialize(id, rows)
        @id = id
        @name = rows.first["name"]
        @process = rows.first["process"]
        @roles = rows.map { |row| Role.from_row(row) }.freeze
        freeze
      end

      ALL = DataTable.rows("bowl_roles").group_by { |row| row["family"] }.map { |id, rows| new(id, rows) }.freeze

      # Most of a bowl that cooks make an ingredient, by its id.
      LIMITS = DataTable.rows("bowl_limits").to_h { |row| [row["ingredient"], row["most_share"].to_f] }.freeze

      # The family with this id, nil for none.
      def self.[](id) = ALL.find { |family| family.id == id }
    end
  end
end
