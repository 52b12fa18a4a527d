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

      VESSEL = /(?:tins?|pans?|dish(?:es)?|moulds?|molds?|frames?|tray(?:bake)?s?|containers?|form|spring-?forms?)\b/i
      LINED = /(?:[a-z-]+\s+){0,5}?/i
      # "a 20x30cm lined tin", "8 x 8 inch square pan"
      TIN = /#{RecipeLength::LENGTH}\s*(?:x|×|by)\s*#{RecipeLength::LENGTH}[\s-]*(?:\([^)]*\)\s*)?(?:#{LINED})#{VESSEL}/i
      # "a dish about 30 by 20 centimetres"
      TIN_BEHIND = /#{VESSEL}[^.;\d]{0,25}#{RecipeLength::LENGTH}\s*(?:x|×|by)\s*#{RecipeLength::LENGTH}/i
      # "a 20 cm square tin", "an 8-inch round cake tin"
      ONE_SIDE = /#{RecipeLength::LENGTH}[\s-]*(?:\([^)]*\)\s*)?(#{LINED})#{VESSEL}/i
      LOAF = /\b(?:(?:(1|2)\s*-?\s*lb|(\d{3,4})\s*g)\s+)?lo(?:af|ave)s?[\s-]+(?:tin|pan)\b/i
      # A loaf tin of so many grams is a small one.
      SMALL_LOAF_G = 600
      ROUND = /\b(?:round|spring-?form|circular|loose-bottomed|sandwich)\b/i
      LOAF_MM = {"1" => [216, 114], "2" => [229, 127]}.freeze
      PRESSED = /\b(?:press|pack|push|pat|smooth|spread|pour|tip|scrape|spoon)\w*\b[^.;]{0,60}?\b(?:in|into|over|on|onto)\b[^.;]{0,40}?\b(?:tin|pan|dish|tray)\b/i
      CUT = /\b(?:cut|slice|score)\w*\b[^.;]{0,40}?\b(?:into|in)\b[^.;]{0,20}?\b(?:bars?|squares?|slices?|fingers?|rectangles?|triangles?|wedges?|cubes?|blocks?|batons?)\b/i
      CUT_COUNT = /\b(?:cut|slice)\b[^.;]{0,40}?\b(?:into|in)\s+(?:about\s+)?\d{1,3}\b/i
      LOG = /\b(?:roll|shape|form)\w*\b[^.;]{0,40}?\b(?:logs?|sausages?|cylinders?|roulades?)\b/i
      ACROSS = /(\d{1,2}(?:[.,]\d)?)\s*-?\s*(#{RecipeLength::UNIT})\s*(?:thick|wide|across|in diameter|diameter)/i
      SLICE = /(\d{1,2}(?:[.,]\d)?|half)\s*-?\s*(?:a\s+)?-?(#{RecipeLength::UNIT})(?:[\s-]+thick)?[\s-]+(?:slices|rounds|coins|discs|pieces)/i
      MUFFIN = /\b(?:muffin|cupcake|fairy cake|bun)[\s-]*(?:tins?|trays?|pans?|cases?|liners?|cups?|papers?|moulds?|molds?)\b|\b(?:paper|foil|silicone|petit four|peanut butter cup)\s+(?:cases?|cups?|liners?)\b/i
      # "12 muffin cups", "8 paper cases", "a 12-hole muffin tin"
      CASES = /(?<![\d.,\/-])(\d{1,2}|two|three|four|six|eight|ten|twelve)\s+(?:[a-z-]+\s+){0,3}?(?:cases|liners|muffin cups|cupcake cups|papers)\b|\b(\d{1,2})[\s-]*(?:hole|cup|count)s?\s+(?:mini\s+)?(?:muffin|cupcake|bun)/i
      MINI = /\bmini\b|\bpetit four\b|\bsmall paper\b/i
      MOULDS = /\b(?:silicone|chocolate|candy|praline|bonbon|ice[\s-]*cube)\s+(?:moulds?|molds?|trays?)\b|\bmoulds?\b|\bmolds?\b/i
      VESSELS = /(?:glasses|ramekins|pots|jars|tumblers|verrines)/i
      ML = /(\d{1,3}(?:[.,]\d)?)\s*-?\s*ml\b/i
      CAVITY_ML = /#{ML}[^.;]{0,30}?\b(?:mou?lds?|cavit)|\b(?:mou?lds?|cavit\w+)\b[^.;\d]{0,20}#{ML}/i
      GLASS_ML = /#{ML}[^.;]{0,30}?\b#{VESSELS}|\b#{VESSELS}\b[^.;\d]{0,20}#{ML}/i
      VESSEL_ML = (2..500)
      BARK = /\b(?:break|snap|crack|shatter)\w*\b[^.;]{0,40}?\b(?:into|in)\b[^.;]{0,30}?\b(?:pieces?|shards?|chunks?|slabs?)\b/i
      BARK_MM = (2..30)
      GLASSES = /\b(?:divide|pour|spoon|pipe|layer|put|fill)\w*\b[^.;]{0,50}?\b(?:between|into|in|among|up)\b[^.;]{0,20}?(?:(\d{1,2}|two|three|four|six|eight)\s+)?(?:[a-z-]+\s+){0,2}?(?:#{VESSELS}|cups and serve)\b|\bfill\w*\s+(?:the\s+)?(\d{1,2}|two|three|four|six|eight)\s+(?:[a-z-]+\s+){0,2}?#{VESSELS}\b/i
      NUMBERS = {"two" => 2, "three" => 3, "four" => 4, "six" => 6, "eight" => 8, "ten" => 10, "twelve" => 12}.freeze
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
        count = (match[1] || match[2])&.then { |said| NUMBERS[said.downcase] || said.to_i }
        return found_as("glass", {"pieces" => count}, match, "#{count} glasses") if count

        ml = millilitres(GLASS_ML)
        found_as("glass", {"ml" => ml}.compact, match, "glasses of #{ml || 80} mL")
      end

      # Of one glass or one cavity, where a text says it near enough to that; nil where none does.
      def millilitres(pattern) = pattern.match(@all)&.then { |found| found.captures.compact.first.tr(",", ".").to_f }&.then { |ml|
        ((ml % 1).zero? ? ml.to_i : ml) if VESSEL_ML.cover?(ml)
      }

      def cup
        match = MUFFIN.match(@all) or return
        mini = @all.match?(MINI) || @name.match?(MINI)
        across, deep = mini ? [32, 20] : [50, 32]
        liner = {"foil" => /foil/i, "silicone" => /silicone/i}.find { |_, word| word.match?(match[0]) }&.first || "paper"
        count = CASES.match(@all)&.captures&.compact&.first&.then { |said| NUMBERS[said.downcase] || said.to_i }
        found_as("cup", {"diameter_mm" => across, "depth_mm" => deep, "liner" => liner, "pieces" => count}.compact, match,
          "#{count ? "#{count} cups" : "cups"} #{across} mm across and #{deep} mm deep")
      end

      # A tin is one of a slab where something is cut, or pressed into it.
      def tin
        mm, match = measures
        cut = CUT.match(@all) || CUT_COUNT.match(@all)
        pressed = (match && @all.match?(PRESSED)) || (mm && @name.match?(NOUNS["slab"]))
        return unless cut || pressed
        return if !mm && (@all.match?(LOG) || @all.match?(RecipeRolled::ROLLED))
        tin = Piece::Tin.new(sides_mm: mm || Piece::Slab::TIN_MM)
        sized = RecipeCut.new(@all, tin).said
        return found_as("slab", {"tin_mm" => mm, **sized}, match, ["a #{tin.words}", cut_words(sized)].compact.join(", ")) if mm

        deep = {"depth_mm" => RecipeLength.thick(@all, DEEP_MM)}.compact
        found_as("slab", {**sized, **deep}, cut || match,
          ["a slab in a #{tin.words}", ("#{deep["depth_mm"]} mm deep" if deep.any?), cut_words(sized)].compact.join(", "))
      end

      # Of what no tin says how deep it gets.
      DEEP_MM = (5..60)

      def cut_words(said)
        return "cut in squares of #{said["side_mm"]} mm" if said["side_mm"]

        "cut #{said["grid"].join(" × ")}" if said["grid"]
      end

      # [inner measures, MatchData] of the first tin that is told of.
      def measures
        if (two = TIN.match(@all) || TIN_BEHIND.match(@all))
          return [[RecipeLength.mm(two[1], two[2] || two[4]), RecipeLength.mm(two[3], two[4] || two[2])], two] if sides?(two)
        end
        loaf = LOAF.match(@all)
        return [LOAF_MM.fetch(loaf[1] || ((loaf[2] && loaf[2].to_i <= SMALL_LOAF_G) ? "1" : "2")), loaf] if loaf

        one = ONE_SIDE.match(@all) or return
        side = RecipeLength.mm(one[1], one[2])
        [one[0].match?(ROUND) ? [side] : [side, side], one] if side.between?(80, 600)
      end

      def sides?(match) = [match[1], match[3]].all? { |text| RecipeLength.mm(text, match[4] || match[2]).between?(50, 700) }

      def log
        match = LOG.match(@all) or return
        said = {"diameter_mm" => ACROSS.match(@all)&.then { |found| RecipeLength.mm(found[1], found[2]) },
                "slice_mm" => SLICE.match(@all)&.then { |found| RecipeLength.mm(found[1].sub(/half/i, "0.5"), found[2]) }}.compact
        found_as("log", said, match, "a roll cut in slices")
      end

      def mould
        match = MOULDS.match(@all) or return
        ml = millilitres(CAVITY_ML) || 15
        found_as("mould", {"cavity_ml" => ml}, match, "a mould with cavities of #{ml} mL")
      end

      def bark
        match = BARK.match(@all) || NOUNS["bark"].match(@name) or return
        mm = RecipeLength.thick(@all, BARK_MM)
        found_as("bark", {"thickness_mm" => mm}.compact, match, "a sheet #{mm || 6} mm thick, broken in pieces")
      end

      def rolled
        kind, said, match, taken = RecipeRolled.new(@all, cookies: @name.match?(NOUNS["cookie"])).found
        found_as(kind, said, match, taken) if kind
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
