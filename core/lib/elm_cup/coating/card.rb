# frozen_string_literal: true

module ElmCup
  module Coating
    # Everything a cook is told about melting and coating with something melted: docs/model.md, Coat.
    class Card
      THINNERS = DataTable.rows("thinners").freeze
      SCHOOLS = DataTable.rows("coat_schools").freeze
      THINNING = DataTable.rows("thinning_schools").freeze
      WAYS = DataTable.rows("melt_ways").freeze
      SHELL = DataTable.rows("home_made_shell").freeze
      LEFTOVERS = DataTable.rows("coat_leftovers").freeze
      # Bursts for the first 100 g, and for each further 100 g. Source: docs/model.md, Coat: common practice.
      FIRST_BURSTS = 5
      MORE_BURSTS = 2
      # A small bowl, grams of oil that save it from, to. Source: docs/model.md: 2 to 3 tsp coconut oil for a small bowl.
      SMALL_BOWL = 170.0
      TEASPOON_OF_OIL = 4.5
      SAVED_BY = [2, 3].freeze
      # Shares of water: under the first little happens, from the last on it is a ganache.
      SEIZES = 0.005
      GANACHE = 0.20

      # words, spoons and grams of a fat that thins what there is; what it does to it
      Thinning = Value.of(:ingredient, :school, :words, :spoons, :grams, :fat_pct, :thickness_mm, :why) do
        self::DIGITS = {grams: 1, fat_pct: 0, thickness_mm: 2}.freeze
      end
      Melting = Value.of(:way, :words, :steps)
      Tempering = Value.of(:melt_c, :cool_c, :work_c, :words)
      SchoolSaid = Value.of(:id, :words, :why, :suits, :lives)
      Part = Value.of(:ingredient, :words, :grams, :spoons) do
        self::DIGITS = {grams: 0}.freeze
      end

      # need: Need; library; spoons: Spoons; lives: where the pieces will live.
      def initialize(need, library, spoons, lives)
        @need = need
        @work = need.work
        @library = library
        @spoons = spoons
        @lives = lives
      end

      # Key => value, for the doors; nothing of what is not melted.
      def to_h
        return {} unless @need.used.melted?

        {kind_of: @work.kind["words"], fat_pct: (@work.chocolate.fat * 100).round, hottest_c: @work.kind["hottest_c"].to_i,
         bowl_c: @work.shell.bowl_c.round(1),
         centre_c: @work.shell.centre_c.round(1), packs: packs, thinning: thinning, melting: melting, tempering: tempering,
         schools: schools,
         sets: sets, rescue: rescues, water: WATER, leftover: leftover, home_made: home_made, home_made_words: HOME_MADE}.compact
      end

      WATER = "Keep water out: a drop (half a per cent) makes it seize, up to a tenth is a paste, up to a fifth splits, and from a fifth on it is a ganache."

      HOME_MADE = "A shell made at home: melt the cocoa butter, stir in the cocoa, then the syrup. The syrup thickens it, so stop at a thread that " \
        "still runs, and dip at once."

      private

      def grams = @need.grams_with_spare

      def packs = (Packs.of(@work.bowl, grams, @spoons, @library) if @work.bowl && !@work.bowl.empty?)

      # Both schools with each fat that may go into what is dipped, for what is to be melted; none of what has fat enough.
      def thinning
        return [] unless @need.used.melted? && !@work.home_made?

        THINNERS.product(THINNING).filter_map do |fat, school|
          next if @need.dipped? && fat["for_dips"] != "yes"

          add = grams * school["grams"].to_f / school["to_grams"].to_f
          thinner = @work.chocolate.thinned(add * fat["fat_share"].to_f, of: grams)
          thick = Shell.new(thinner, bowl_c: @work.shell.bowl_c, centre_c: @work.shell.centre_c).first_mm if @need.used.dips?
          Thinning.new(ingredient: fat["ingredient"], school: school["words"], words: fat["words"],
            spoons: @spoons.text(fat["ingredient"], add, form: "melted"),
            grams: add, fat_pct: thinner.fat * 100, thickness_mm: thick, why: "#{fat["why"][0].upcase}#{fat["why"][1..]}.")
        end
      end

      def melting
        bursts = FIRST_BURSTS + MORE_BURSTS * [((grams - 100) / 100).ceil, 0].max
        WAYS.map { |row| Melting.new(way: row["way"], words: row["words"], steps: format(row["steps"], bursts: bursts)) }
      end

      # nil of what has no cocoa butter to temper.
      def tempering
        row = @work.kind
        return unless row["work_low_c"]

        melt, cool, work = %w[melt cool work].map { |step| [row["#{step}_low_c"].to_i, row["#{step}_high_c"].to_i] }
        Tempering.new(melt_c: melt, cool_c: cool, work_c: work,
          words: "Melt to #{span(melt)}, cool to #{span(cool)} while you stir, warm again to #{span(work)} and keep it there. Test a smear on " \
            "paper: it sets shiny in a few minutes. Centres as warm as the room: cold ones spoil it.")
      end

      def span((low, high)) = "#{low} to #{high} °C"

      def schools
        SCHOOLS.map { |row|
          SchoolSaid.new(id: row["school"], words: row["words"], why: row["why"],
            suits: DataTable.list(row["suits"]).include?(@lives), lives: @lives)
        }
      end

      def sets
        return unless @need.dipped?
        if @work.tempered?
          return "Keep the bowl at #{span([@work.kind["work_low_c"].to_i,
            @work.kind["work_high_c"].to_i])}; a few seconds of warmth when it thickens."
        end

        count = @need.dip_set
        return "The bowl is too small for its pieces: melt more, in a narrow cup." if count.zero?

        advised = [count, DipSet::CAUTIOUS].min
        "About #{count} pieces until it is too cold, by the sums; to be safe take sets of #{advised} out of the cold and warm the bowl between them."
      end

      def rescues
        low, high = SAVED_BY.map { |spoons| spoons * TEASPOON_OF_OIL * grams / SMALL_BOWL }
        oil = [low, high].map { |each| @spoons.text("coconut-oil", each, form: "melted") }.uniq.join(" to ")
        water = grams * GANACHE / (1 - GANACHE)
        ["Thick or seized: stir in #{oil} of coconut oil (#{low.round} to #{high.round} g) and warm it gently. " \
          "It will do for a coat, not for tempering.",
          "If water got in and that does not help, make a ganache of it: stir in warm plant milk or cream with at least #{water.round} g of water in " \
          "it, and use it as a filling that is kept in the fridge."]
      end

      def leftover
        left = @need.left_grams || (grams - @need.grams_needed)
        words = LEFTOVERS.select { |row| left >= row["from_grams"].to_f }.map { |row| row["words"] }
        "What is left, #{left.round} g or so: #{words.join("; ")}."
      end

      # Enough for all pieces.
      def home_made
        return if @work.home_made?

        SHELL.map { |row|
          Part.new(ingredient: row["ingredient"], words: row["words"], grams: grams * row["share"].to_f,
            spoons: @spoons.text(row["ingredient"], grams * row["share"].to_f))
        }
      end
    end
  end
end
