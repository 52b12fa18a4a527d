# frozen_string_literal: true

module ElmCup
  module Binding
    # What a good cook would reach for, in her order: rows of rescue_steps.csv for the binder that leads a bowl that is too dry; the dry
    # lines that are there, largest first, for one that is too wet, and then a new flour of the bowl's kind.
    class DoseSteps
      # "wetter" or "drier" => its rows
      ROWS = DataTable.rows("rescue_steps").group_by { |row| row["direction"] }.freeze
      # counts: it is a dry line to add to; most_share: the most of a bowl that it may be, nil for no bound
      DryRule = Value.of(:counts, :most_share)
      DRY_BY_ID, DRY_BY_FAMILY = %w[id family].map { |what|
        DataTable.rows("dry_lines").select { |row| row["of"].start_with?("#{what}:") }.to_h { |row|
          [row["of"].delete_prefix("#{what}:"), DryRule.new(counts: row["counts"] == "yes", most_share: row["most_share"]&.to_f)]
        }.freeze
      }
      # Grams of water that a gram of loose sugar takes: 1 g in 1.92 g.
      WATER_A_GRAM_OF_SUGAR = 0.52
      # Cream goes into chocolate from so much of its weight up.
      GANACHE = 0.2
      # How many of the dry lines that are there are offered.
      THERE = 2

      # helper: Helper; needs: "sugar" where water must find some, "last" where nothing else may do; source of the rule.
      Step = Value.of(:helper, :source, needs: nil) do
        # It is only offered where nothing else is.
        def last? = needs == "last"
      end

      # The most of a bowl that an Ingredient::Entry may be; nil for no bound.
      def self.most_share(entry) = rule(entry)&.most_share

      # The DryRule of an Entry, nil for none.
      def self.rule(entry) = DRY_BY_ID[entry.like] || DRY_BY_FAMILY[entry.family]

      def initialize(mix, resolver, library)
        @mix = mix
        @resolver = resolver
        @library = library
      end

      # Steps for a bowl that is too dry.
      def wetter
        rows("wetter").flat_map { |row| taken(row) }.uniq { |step| step.helper.entry }
      end

      # Steps for a bowl that is too wet.
      def drier
        (dry_there + rows("drier").flat_map { |row| taken(row) }).uniq { |step| step.helper.entry }
      end

      # "syrup", "pulp" …: the kind of binder that leads.
      def lead = @lead ||= Lead.of_bowl(counted)

      private

      # Rows of this lead, then those of any.
      def rows(direction) = ROWS.fetch(direction).select { |row| row["lead"].nil? || row["lead"] == lead }

      def counted = @counted ||= @mix.counted

      def taken(row)
        kind, which = row["take"].split(":", 2)
        case kind
        when "same" then largest([lead], row)
        when "there" then (row["needs"] == "cream" && !ganache?) ? [] : largest(which.split("|"), row)
        else [Step.new(helper: Helper.new(@library[which], row["words"], @resolver, there: there?(which)), needs: row["needs"],
          source: row["source"])]
        end
      end

      # The largest line of these leads that is there.
      def largest(leads, row)
        portion, = counted.select { |each, ml| ml.positive? && leads.include?(Lead.of(each)) && stirred_in?(each) }.max_by(&:last)
        portion ? [Step.new(helper: Helper.like(portion.line, @resolver), source: row["source"])] : []
      end

      # Nuts are cut and dates made paste before; more of them is no spoon to stir in.
      def stirred_in?(portion) = !%w[nut pulp dry].include?(portion.figures.kind)

      def there?(id) = @mix.lines.any? { |line| line.entry.like == id }

      def ganache?
        chocolate, cream = ["chocolate", "watery"].map { |kind|
          @mix.portions.sum(0.0) { |each| (Lead.of(each) == kind) ? each.grams : 0.0 }
        }
        chocolate.positive? && cream >= GANACHE * chocolate
      end

      def dry_there
        @mix.portions.select { |each| each.figures.kind == "dry" && !each.figures.inclusion && each.d_ml.positive? && dry_line?(each) }
          .sort_by { |each| -each.d_ml }.uniq { |each| each.line.entry }.first(THERE)
          .map { |each| Step.new(helper: Helper.like(each.line, @resolver), source: "common practice: what is in the bowl first") }
      end

      def dry_line?(portion)
        rule = DoseSteps.rule(portion.line.entry)
        rule.nil? || rule.counts
      end
    end
  end
end
