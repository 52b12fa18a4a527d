# frozen_string_literal: true

module ElmCup
  module Exchange
    # What a recipe says of what it rolls: balls, eggs or cookies, and how large by scoop, spoon, grams or millimetres.
    class RecipeRolled
      SIZE = %r{(?<size>(?:\d\s+)?\d/\d|\d\s*[½¼¾⅓⅔]|[½¼¾⅓⅔]|\d{1,3}(?:[.,]\d+)?|half an?|an?|one|two|three)[\s-]+}i
      SPOONFUL = /(?<![\w.,\/½¼¾⅓⅔])(?:(?<much>heaped|heaping|rounded|level|generous|scant)\s+)?(?:#{SIZE})?(?<spoon>tablespoon|tbsp|teaspoon|tsp)(?:ful)?s?[\s-]*(?:size|sized|each|apiece|portions?|amounts?|balls?|scoops?|mounds?|of (?:the )?(?:mixture|dough|mix))\b/i
      # "Scoop heaped tablespoons"
      SPOONED = /\b(?:scoop|drop|measure|take|roll|dollop)\w*\s+(?:out\s+|up\s+)?(?:(?<much>heaped|heaping|rounded|level|generous|scant)\s+)?(?:#{SIZE})?(?<spoon>tablespoon|tbsp|teaspoon|tsp)(?:ful)?s?\b/i
      DISHER = /(?:#|\bno\.?\s*|\bnumber\s+)(\d{1,3})\s+(?:disher|scoop)|\bscoop\s+(?:#|no\.?\s*|number\s+)(\d{1,3})/i
      COOKIE_SCOOP = /\b(?<size>small|medium|large)\s+(?:cookie|ice[\s-]cream|biscuit)?\s*(?:scoop|disher)\b/i
      # "an ice cream scoop", which is a large one, "a cookie scoop"
      ANY_SCOOP = /\b(?<what>ice[\s-]cream|cookie|biscuit)\s+(?:scoop|disher)\b/i
      SCOOPS_ML = {"small" => 9.86, "medium" => 22.18, "large" => 44.36}.freeze
      WALNUT = /\b(?<what>walnut|cherry|hazelnut|golf ball|ping[\s-]pong ball|marble)[\s-]*siz(?:e|ed)|\b(?:siz(?:e|ed) of|as (?:big|large) as) an? (?:small |large )?(?<what2>walnut|cherry|hazelnut|golf ball|ping[\s-]pong ball|marble)/i
      THINGS_MM = {"walnut" => 30, "cherry" => 22, "hazelnut" => 16, "golf ball" => 42, "ping-pong ball" => 40, "ping pong ball" => 40,
                   "marble" => 18}.freeze
      BALL_MM = /(?<![\d.,\/])(#{RecipeLength::NUMBER})\s*-?\s*(#{RecipeLength::UNIT})[\s-]*(?:balls?|rounds|truffles|spheres)\b/i
      EACH_GRAMS = /\b(?:of|about|approx\.?|weigh\w*|à|@|x|×)\s*(?:about\s+)?(\d{1,3}(?:[.,]\d)?)\s*g(?:rams?)?\b(?=[^.;]{0,14}\b(?:each|a?piece|balls?|per|pieces))|(\d{1,3})\s*-?\s*g(?:ram)?\s+(?:balls?|pieces?|portions?|truffles?)\b|[x×@]\s*(\d{1,3})\s*g\b|\b(?:balls?|eggs|truffles?|pieces|bites|portions|discs|cookies)\s+(?:of|weighing)\s+(?:about\s+|around\s+|roughly\s+|approx\.?\s+)?(\d{1,3}(?:[.,]\d)?)\s*g(?:rams?)?\b/i
      # "each about 1 oz"
      EACH_OUNCES = /(?<![\d.,\/])(\d(?:[.,]\d)?)\s*-?\s*(?:oz|ounces?)\b(?=[^.;]{0,14}\b(?:each|apiece|balls?|pieces?|portions?))|\beach\s+(?:about\s+|around\s+|weighing\s+)*(\d(?:[.,]\d)?)\s*(?:oz|ounces?)\b/i
      OUNCE = 28.35
      # "Cut out rounds with a 5 cm cutter"
      CUTTER = /(?<![\d.,\/])(#{RecipeLength::NUMBER})\s*-?\s*(#{RecipeLength::UNIT})[\s-]*(?:round\s+|plain\s+|fluted\s+)?(?:cookie\s+|biscuit\s+|pastry\s+)?cutter\b/i
      ROLLED = /\b(?:roll|shape|form|scoop|make|squeeze)\w*\b[^.;]{0,60}?\b(?:balls?|truffles?|bites?|bonbons?|spheres?|rounds|laddus?|laddoos?|eggs|ovals)\b/i
      FLATTEN = /\b(?:flatten|press (?:them |each |it )?(?:down|flat|gently)|press (?:each |them )?(?:down )?with (?:a |the )?fork)\w*/i
      EGGS = /\b(?:egg|oval)[\s-]*shape[ds]?\b|\bovals\b|\b(?:roll|shape|form|mould|mold|make|divide)\w*\b[^.;]{0,40}?\b(?:small |mini |little |\d+ )?eggs\b/i
      # Grams and millimetres of what hands roll.
      GRAMS = (3..300)
      MILLIMETRES = (8..120)
      COOKIE_MM = (3..40)

      # all: steps and notes in one text; cookies: the recipe is called so.
      def initialize(all, cookies:)
        @all = all
        @cookies = cookies
      end

      # [kind, what its Hash says, MatchData, what is taken], nil where nothing is rolled.
      def found
        return cut_out if CUTTER.match?(@all)

        said, match, taken = size
        match ||= ROLLED.match(@all)
        return unless match

        said = fitted(said || {})
        [kind, said, match, [Piece::Shape.kinds.fetch(kind).called.last, (taken if said.any?)].compact.join(" ")]
      end

      private

      # Discs of a sheet.
      def cut_out
        match = CUTTER.match(@all)
        across = RecipeLength.mm(match[1], match[2])
        said = {"diameter_mm" => across, "thickness_mm" => RecipeLength.thick(@all, COOKIE_MM)}.compact
        ["cookie", said, match, "cookies #{across} mm across"] if MILLIMETRES.cover?(across)
      end

      def kind
        return "egg" if @all.match?(EGGS)

        (@all.match?(FLATTEN) || @cookies) ? "cookie" : "ball"
      end

      # Millimetres are those of a ball, before it is made anything else of.
      def fitted(said)
        flat = (kind == "cookie") ? {"thickness_mm" => RecipeLength.thick(@all, COOKIE_MM)}.compact : {}
        across = said["diameter_mm"] or return said.merge(flat)
        return said if kind == "ball"

        {"scoop_ml" => (Math::PI / 6000 * across**3).round(1)}.merge(flat)
      end

      # [what a shape says of it, MatchData, words], nil where no size is told.
      def size
        if (match = EACH_GRAMS.match(@all)) then weighed(match)
        elsif (match = EACH_OUNCES.match(@all)) then weighed(match, OUNCE)
        elsif (match = DISHER.match(@all)) then scoop(disher((match[1] || match[2]).to_i), match)
        elsif (match = COOKIE_SCOOP.match(@all)) then scoop(SCOOPS_ML.fetch(match[:size].downcase), match)
        elsif (match = ANY_SCOOP.match(@all)) then scoop(SCOOPS_ML.fetch(match[:what].match?(/ice/i) ? "large" : "medium"), match)
        elsif (match = SPOONFUL.match(@all) || SPOONED.match(@all)) then scoop(spoonful(match), match)
        elsif (match = BALL_MM.match(@all)) then across(RecipeLength.mm(match[1], match[2]), match)
        elsif (match = WALNUT.match(@all)) then across(THINGS_MM.fetch((match[:what] || match[:what2]).downcase), match)
        end
      end

      # unit: grams of one.
      def weighed(match, unit = 1)
        grams = (match.captures.compact.first.tr(",", ".").to_f * unit).round(1)
        said = {"piece_grams" => (grams % 1).zero? ? grams.to_i : grams}
        [said, match, "of #{Quantity::FractionText.decimal(Rational(grams.to_s))} g"] if GRAMS.cover?(grams)
      end

      # Millilitres of a scoop number, nil where there is none such.
      def disher(number) = (Piece::Scoop.ml(number) if Piece::Scoop::NUMBERS.include?(number))

      def scoop(ml, match) = ([{"scoop_ml" => ml}, match, "of #{ml} mL each"] if ml)

      def across(mm, match) = ([{"diameter_mm" => mm}, match, "about #{mm} mm across"] if MILLIMETRES.cover?(mm))

      SPOON_ML = {"ta" => 14.79, "tb" => 14.79, "te" => 4.93, "ts" => 4.93}.freeze
      HEAPED = 1.35
      # More spoons than that in front of them are a number of balls.
      MOST_SPOONS = 4

      def spoonful(match)
        spoons = spoons(match[:size].to_s)
        spoons = 1 if spoons > MOST_SPOONS || spoons.zero?
        spoons *= HEAPED if match[:much].to_s.match?(/heap|round|gener/i)
        (SPOON_ML.fetch(match[:spoon][0, 2].downcase) * spoons).round(2)
      end

      def spoons(said)
        number = Quantity::NumberReader.read(StringScanner.new(said.tr(",", ".")))
        number.respond_to?(:value) ? number.value.to_f : 1
      end
    end
  end
end
