# frozen_string_literal: true

module ElmCup
  module Exchange
    # What a recipe says of its tin, cutting, scoop, cups, mould or glasses: the shape of the pieces as a document has it, and the words
    # that it was taken from. What it leaves open is taken as usual, and that is said.
    class RecipeShaping
      # kind  id of a Piece::Shape      said  the rest of its Hash      words  what was taken, for the cook
      Found = Value.of(:kind, :said, :words) do
        # The shape of a document; count: pieces that the recipe says, nil for none.
        def shape(count)
          kind = Piece::Shape.kinds.fetch(self.kind)
          sizes = kind.sizes.map(&:key) - ["grid"]
          counted = count && sizes.include?("pieces")
          all = counted ? said.except(*sizes).merge("pieces" => count) : said
          made = kind.usual.said.except(*(kind.sizes.map(&:key) + ["grid"])).merge(all)
          made = kind.usual.said.merge(all) if Piece::Shape.faults(made, "").any?
          made if Piece::Shape.faults(made, "").empty?
        end
      end

      LENGTH = /(?<![\d.,\/])(\d{1,3}(?:[.,]\d)?)\s*-?\s*(cm|mm|in(?:ch(?:es)?)?\b|["”″])?/i
      VESSEL = /(?:tins?|pans?|dish(?:es)?|moulds?|molds?|frames?|tray(?:bake)?s?|containers?|form)\b/i
      LINED = /(?:[a-z-]+\s+){0,5}?/i
      # "a 20x30cm lined tin", "8 x 8 inch square pan"
      TIN = /#{LENGTH}\s*(?:x|×|by)\s*#{LENGTH}[\s-]*(?:\([^)]*\)\s*)?(?:#{LINED})#{VESSEL}/i
      # "a 20 cm square tin", "an 8-inch round cake tin"
      ONE_SIDE = /#{LENGTH}[\s-]*(?:\([^)]*\)\s*)?(#{LINED})#{VESSEL}/i
      LOAF = /\b(?:(1|2)\s*-?\s*lb\s+)?lo(?:af|ave)s?[\s-]+(?:tin|pan)\b/i
      ROUND = /\b(?:round|spring-?form|circular|loose-bottomed|sandwich)\b/i
      # A bare number of a tin up to this is inches.
      MOST_INCHES = 16
      INCH_MM = 25.4
      LOAF_MM = {"1" => [216, 114], "2" => [229, 127]}.freeze
      PRESSED = /\b(?:press|pack|push|pat|smooth|spread|pour|tip|scrape|spoon)\w*\b[^.;]{0,60}?\b(?:in|into|over|on|onto)\b[^.;]{0,40}?\b(?:tin|pan|dish|tray)\b/i
      CUT = /\b(?:cut|slice|score)\w*\b[^.;]{0,40}?\b(?:into|in)\b[^.;]{0,20}?\b(?:bars?|squares?|slices?|fingers?|rectangles?|triangles?|wedges?)\b/i
      CUT_COUNT = /\b(?:cut|slice)\b[^.;]{0,40}?\b(?:into|in)\s+(?:about\s+)?\d{1,3}\b/i
      LOG = /\b(?:roll|shape|form)\w*\b[^.;]{0,40}?\b(?:logs?|sausages?|cylinders?|roulades?)\b/i
      ACROSS = /(\d{1,2}(?:[.,]\d)?)\s*-?\s*(cm|mm|in(?:ch(?:es)?)?\b|["”″])\s*(?:thick|wide|across|in diameter|diameter)/i
      SLICE = /(\d{1,2}(?:[.,]\d)?|half)\s*-?\s*(?:a\s+)?-?(cm|mm|in(?:ch(?:es)?)?\b|["”″])(?:[\s-]+thick)?[\s-]+(?:slices|rounds|coins|discs|pieces)/i
      MUFFIN = /\b(?:muffin|cupcake|fairy cake|bun)[\s-]*(?:tin|tray|pan|cases?|liners?|cups?|papers?|moulds?|molds?)\b|\b(?:paper|foil|silicone|petit four|peanut butter cup)\s+(?:cases?|cups?|liners?)\b/i
      MINI = /\bmini\b|\bpetit four\b|\bsmall paper\b/i
      MOULDS = /\b(?:silicone|chocolate|candy|praline|bonbon|ice[\s-]*cube)\s+(?:moulds?|molds?|trays?)\b|\bmoulds?\b|\bmolds?\b/i
      BARK = /\b(?:break|snap|crack|shatter)\w*\b[^.;]{0,40}?\b(?:into|in)\b[^.;]{0,30}?\b(?:pieces?|shards?|chunks?|slabs?)\b/i
      GLASSES = /\b(?:divide|pour|spoon|pipe|layer|put|fill)\w*\b[^.;]{0,50}?\b(?:between|into|in|among|up)\b[^.;]{0,20}?(?:(\d{1,2}|two|three|four|six|eight)\s+)?(?:[a-z-]+\s+){0,2}?(?:glasses|ramekins|pots|jars|tumblers|verrines|cups and serve)\b/i
      NUMBERS = {"two" => 2, "three" => 3, "four" => 4, "six" => 6, "eight" => 8}.freeze
      # What is rolled: the words that say how large, with millilitres, millimetres or grams of one.
      SPOONFUL = /\b(?:(?<much>heaped|heaping|rounded|level|generous|scant)\s+)?(?<size>\d\s*\/\s*\d\s+|1\s+1\/2\s+|1½\s+|1\.5\s+|half a\s+|½\s+|two\s+|2\s+|a\s+|one\s+|1\s+)?(?<spoon>tablespoon|tbsp|teaspoon|tsp)(?:ful)?s?[\s-]*(?:size|sized|portions?|amounts?|balls?|scoops?|mounds?|of (?:the )?(?:mixture|dough|mix))\b/i
      # "Scoop heaped tablespoons"
      SPOONED = /\b(?:scoop|drop|measure|take|roll|dollop)\w*\s+(?:out\s+|up\s+)?(?:(?<much>heaped|heaping|rounded|level|generous|scant)\s+)?(?<size>1\s+1\/2\s+|1½\s+|two\s+|2\s+|a\s+|one\s+|1\s+)?(?<spoon>tablespoon|tbsp|teaspoon|tsp)(?:ful)?s?\b/i
      DISHER = /(?:#|\bno\.?\s*|\bnumber\s+)(\d{1,3})\s+(?:disher|scoop)|\bscoop\s+(?:#|no\.?\s*|number\s+)(\d{1,3})/i
      COOKIE_SCOOP = /\b(?<size>small|medium|large)\s+(?:cookie|ice[\s-]cream|biscuit)?\s*(?:scoop|disher)\b/i
      SCOOPS_ML = {"small" => 9.86, "medium" => 22.18, "large" => 44.36}.freeze
      WALNUT = /\b(?<what>walnut|cherry|hazelnut|golf ball|ping[\s-]pong ball|marble)[\s-]*siz(?:e|ed)|\bsiz(?:e|ed) of an? (?:small |large )?(?<what2>walnut|cherry|hazelnut|golf ball|ping[\s-]pong ball|marble)/i
      THINGS_MM = {"walnut" => 30, "cherry" => 22, "hazelnut" => 16, "golf ball" => 42, "ping-pong ball" => 40, "ping pong ball" => 40,
                   "marble" => 18}.freeze
      BALL_MM = /(\d(?:[.,]\d)?|\d{2})\s*-?\s*(cm|mm|in(?:ch(?:es)?)?\b|["”″])[\s-]*(?:balls?|rounds|truffles|spheres)\b/i
      EACH_GRAMS = /\b(?:of|about|approx\.?|weigh\w*|à|@|x|×)\s*(?:about\s+)?(\d{1,3}(?:[.,]\d)?)\s*g(?:rams?)?\b(?=[^.;]{0,14}\b(?:each|a?piece|balls?|per|pieces))|(\d{1,3})\s*-?\s*g(?:ram)?\s+(?:balls?|pieces?|portions?|truffles?)\b|[x×@]\s*(\d{1,3})\s*g\b/i
      ROLLED = /\b(?:roll|shape|form|scoop|make|squeeze)\w*\b[^.;]{0,60}?\b(?:balls?|truffles?|bites?|bonbons?|spheres?|rounds|laddus?|laddoos?)\b/i
      FLATTEN = /\b(?:flatten|press (?:them |each |it )?(?:down|flat|gently)|press (?:each |them )?(?:down )?with (?:a |the )?fork)\w*/i
      EGGS = /\b(?:egg|oval)[\s-]*(?:shapes?|shaped|s)\b/i
      # What a number of pieces, or the name of the recipe, says by its noun.
      NOUNS = {"slab" => /\b(?:squares?|bars?|slices?|fingers?|traybake|fudge|flapjacks?)\b/i, "bark" => /\bbark\b/i,
               "cookie" => /\bcookies?\b/i, "cup" => /\bcups\b/i, "egg" => /\beggs\b/i}.freeze

      # texts: steps and notes, in their order; name: of the recipe; counted: how its number of pieces was said, nil where none was.
      def initialize(texts, name, counted)
        @texts = texts
        @all = texts.join("\n")
        @name = name.to_s
        @counted = counted.to_s
      end

      # The Found; nil where nothing tells.
      def found = glass || cup || tin || log || mould || bark || rolled || by_noun

      private

      def found_as(kind, said, match, taken)
        words = (match.is_a?(MatchData) ? match[0] : match).gsub(/\s+/, " ").strip
        Found.new(kind: kind, said: {"kind" => kind, **said}, words: "“#{words[0, 60]}” is taken as #{taken}")
      end

      def glass
        match = GLASSES.match(@all) or return
        count = match[1] && (NUMBERS[match[1].downcase] || match[1].to_i)
        found_as("glass", count ? {"pieces" => count} : {}, match, count ? "#{count} glasses" : "glasses of 80 mL")
      end

      def cup
        match = MUFFIN.match(@all) or return
        mini = @all.match?(MINI) || @name.match?(MINI)
        across, deep = mini ? [32, 20] : [50, 32]
        liner = {"foil" => /foil/i, "silicone" => /silicone/i}.find { |_, word| word.match?(match[0]) }&.first || "paper"
        found_as("cup", {"diameter_mm" => across, "depth_mm" => deep, "liner" => liner}, match,
          "cups #{across} mm across and #{deep} mm deep")
      end

      # A tin is one of a slab where something is cut, or pressed into it.
      def tin
        mm, match = measures
        cut = CUT.match(@all) || CUT_COUNT.match(@all)
        pressed = (match && @all.match?(PRESSED)) || (mm && @name.match?(NOUNS["slab"]))
        return unless cut || pressed
        return if !mm && (@all.match?(LOG) || @all.match?(ROLLED))
        return found_as("slab", {"tin_mm" => mm}, match, "a #{Piece::Tin.new(sides_mm: mm).words}") if mm

        found_as("slab", {}, cut || match, "a slab in a #{Piece::Tin.new(sides_mm: Piece::Slab::TIN_MM).words}")
      end

      # [inner measures, MatchData] of the first tin that is told of.
      def measures
        if (two = TIN.match(@all))
          return [[length(two[1], two[2] || two[4]), length(two[3], two[4] || two[2])], two] if sides?(two)
        end
        loaf = LOAF.match(@all)
        return [LOAF_MM.fetch(loaf[1] || "2"), loaf] if loaf

        one = ONE_SIDE.match(@all) or return
        side = length(one[1], one[2])
        [one[3].match?(ROUND) ? [side] : [side, side], one] if side.between?(80, 600)
      end

      def sides?(match) = [match[1], match[3]].all? { |text| length(text, match[4] || match[2]).between?(50, 700) }

      def length(text, unit)
        number = text.tr(",", ".").to_f
        unit = (number <= MOST_INCHES) ? "in" : "cm" if unit.nil?
        times = if unit.match?(/mm/i) then 1.0
        elsif unit.match?(/cm/i) then 10.0
        else INCH_MM
        end
        (number * times).round
      end

      def log
        match = LOG.match(@all) or return
        said = {"diameter_mm" => ACROSS.match(@all)&.then { |found| length(found[1], found[2]) },
                "slice_mm" => SLICE.match(@all)&.then { |found| length(found[1].sub(/half/i, "0.5"), found[2]) }}.compact
        found_as("log", said, match, "a roll cut in slices")
      end

      def mould
        match = MOULDS.match(@all) or return
        found_as("mould", {"cavity_ml" => 15}, match, "a mould with cavities of 15 mL")
      end

      def bark
        match = BARK.match(@all) || NOUNS["bark"].match(@name) or return
        found_as("bark", {}, match, "a sheet 6 mm thick, broken in pieces")
      end

      def rolled
        size, match, taken = size_of_ball
        match ||= ROLLED.match(@all)
        return unless match

        kind = if @all.match?(EGGS) then "egg"
        elsif @all.match?(FLATTEN) || @name.match?(NOUNS["cookie"]) then "cookie"
        else "ball"
        end
        size = nil if size&.key?("diameter_mm") && kind == "egg"
        found_as(kind, size || {}, match, taken ? "#{Piece::Shape.kinds.fetch(kind).called.last} #{taken}" : Piece::Shape.kinds.fetch(kind).called.last)
      end

      # [what a shape says of it, MatchData, words], nil where no size is told.
      def size_of_ball
        if (match = EACH_GRAMS.match(@all)) then weighed(match)
        elsif (match = DISHER.match(@all)) then scoop(
          Piece::Scoop::NUMBERS.include?((match[1] || match[2]).to_i) ? Piece::Scoop.ml((match[1] || match[2]).to_i) : nil, match
        )
        elsif (match = COOKIE_SCOOP.match(@all)) then scoop(SCOOPS_ML.fetch(match[:size].downcase), match)
        elsif (match = SPOONFUL.match(@all) || SPOONED.match(@all)) then scoop(spoonful(match), match)
        elsif (match = BALL_MM.match(@all)) then across(length(match[1], match[2]), match)
        elsif (match = WALNUT.match(@all)) then across(THINGS_MM.fetch((match[:what] || match[:what2]).downcase), match)
        end
      end

      def weighed(match)
        grams = (match[1] || match[2] || match[3]).tr(",", ".").to_f
        if grams.between?(
          3, 300
        )
          [{"piece_grams" => (grams % 1).zero? ? grams.to_i : grams}, match,
            "of #{Quantity::FractionText.decimal(Rational(grams.to_s))} g"]
        end
      end

      def scoop(ml, match) = ([{"scoop_ml" => ml}, match, "of #{ml} mL each"] if ml)

      def across(mm, match) = ([{"diameter_mm" => mm}, match, "about #{mm} mm across"] if mm.between?(8, 120))

      SPOON_ML = {"t" => 14.79, "s" => 4.93}.freeze
      HEAPED = 1.35
      def spoonful(match)
        one = match[:spoon].match?(/\Atab|\Atbsp/i) ? 14.79 : 4.93
        times = case match[:size].to_s.strip
        when /\A1\s+1\/2|\A1½|\A1\.5/ then 1.5
        when /\A2|\Atwo/ then 2
        when /\A1\/2|\Ahalf|\A½/ then 0.5
        else 1
        end
        times *= HEAPED if match[:much].to_s.match?(/heap|round|gener/i)
        (one * times).round(2)
      end

      # Only a noun tells: what pieces are counted, or what the recipe is called.
      def by_noun
        [@counted, @name].each do |words|
          kind = NOUNS.find { |_, noun| noun.match?(words) }&.first or next
          next if kind == "egg" && words == @name

          return found_as(kind, {}, NOUNS.fetch(kind).match(words), taken_by_noun(kind))
        end
        nil
      end

      def taken_by_noun(kind)
        {"slab" => "a slab in a #{Piece::Tin.new(sides_mm: Piece::Slab::TIN_MM).words}", "bark" => "a sheet 6 mm thick, broken in pieces",
         "cookie" => "balls pressed flat", "cup" => "small cups, 32 mm across", "egg" => "eggs"}.fetch(kind)
      end
    end
  end
end
