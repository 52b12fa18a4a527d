# frozen_string_literal: true

module ElmCup
  module Keeping
    # What must be said of it, first things first: rows of core/data/cautions.csv that apply.
    class Cautions
      ROWS = DataTable.rows("cautions").freeze

      # assessment; kept: the PartKeepings.
      def initialize(assessment, kept)
        @assessment = assessment
        @kept = kept
      end

      # Sentences.
      def all = ROWS.filter_map { |row| words(row) }

      private

      def words(row)
        names = DataTable.list(row["names"])
        found = found(row["match"], names) or return
        format(row["words"], what: listed(found), part: found.first)
      end

      # What it applies to, in words; nil where it does not.
      def found(match, names)
        case match
        when "always" then [""]
        when "perishable" then some(@kept.flat_map(&:perishable))
        when "ingredient" then some(lines { |line|
          names.include?(line.entry.like) && !line.heated?
        }.map { |part, line| (names.size == 1) ? part.name : line.entry.name.downcase })
        when "family" then some(lines { |line|
          names.include?(line.entry.family) && whole?(line)
        }.map { |_, line| line.entry.name.downcase })
        when "polyol" then some(lines { |line|
          names.include?(line.entry.polyol_kind) && line.entry.composition.polyols > 50
        }.map { |_, line| line.entry.name })
        when "shape" then [""] if names.include?(@assessment.formula.shape&.id)
        when "melted" then [""] if @assessment.coat.need&.used&.melted?
        when "baked" then [""] if @assessment.formula.shape&.id == "slab" && Baked.suits?(@assessment)
        when "allergens" then some(@assessment.bowl.allergens.map { |id| id.tr("_", " ") })
        when "possible" then some(@assessment.bowl.possible_allergens.map { |id| id.tr("_", " ") })
        when "freezer" then [""] if @assessment.formula.lives == "freezer" || @kept.any? { |each| each.place == "freezer" }
        end
      end

      # [Part, line] of lines that are read.
      def lines = @assessment.read_lines.select { |_, line, _| yield line }.map { |part, line, _| [part, line] }

      # It may still have its stone or a bit of its shell: a paste does not.
      def whole?(line) = !%w[ground powder paste].include?(line.form)

      def some(found) = found.uniq.then { |each| each unless each.empty? }

      def listed(found)
        shown = found.first(6)
        return shown.join if shown.size < 2

        "#{shown[0..-2].join(", ")} and #{shown.last}"
      end
    end
  end
end
