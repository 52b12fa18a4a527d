# frozen_string_literal: true

module ElmCup
  module Ingredient
    # Soaking, toasting, blanching and the like by rule: rows of preparations.csv. What a line says behind its ingredient is
    # done after it was measured ("180 g dates, soaked 1 h" gains water); what it says before, "180 g soaked dates", was done
    # before, and the measure holds what came of it. Things that are counted weigh what they weighed before.
    class Preparation
      # verb "soaked"; pattern its words; of "family:nut" or "id:almonds"; water as a share of `water_of` ("mass", or "water": of
      # its own water) with its usual ends; full_minutes until it takes no more, usual_minutes where none is said.
      Rule = Value.of(:verb, :pattern, :of, :water_of, :water, :low, :high, :full_minutes, :usual_minutes, :fibre, :source) do
        # The Rule of a row of preparations.csv.
        def self.from_row(row)
          words = DataTable.list(row["words"]).map { |word| Regexp.escape(word) }
          new(verb: row["verb"], pattern: /\b(?:#{words.join("|")})\b/i, of: row["of"], water_of: row["water_of"],
            water: Rational(row["water_share"]),
            low: Rational(row["water_low"]), high: Rational(row["water_high"]), full_minutes: row["full_minutes"].to_f,
            usual_minutes: row["usual_minutes"].to_f, fibre: Rational(row["fibre_share"]), source: row["source"])
        end

        # It is for this Entry.
        def for?(entry) = of == "family:#{entry.family}" || of == "id:#{entry.like}"
      end

      RULES = DataTable.rows("preparations").map { |row| Rule.from_row(row) }.freeze
      BY_VERB = RULES.group_by(&:verb).freeze
      WORD = Regexp.union(RULES.map(&:pattern).uniq)
      # Water grows with the root of time at first, as what soaks in does, and never past this many times the row's figure.
      MOST_TIMES = Rational(2)
      STAYS = "; water that stays in it goes on a line of its own"
      # "blended to a paste with 2 tbsp hot water"
      WITH_WATER = /\bwith\s+(?<amount>[^,;]*?)\s+(?:of\s+)?(?:the\s+)?(?:hot|warm|cold|boiling)?\s*(?:soaking\s+)?water\b/i

      # text: the line; name: the words of it that name the ingredient; own: they are the ingredient's very name, so that words
      # in them ("roasted peanuts") are no preparation.
      def initialize(text, name:, own:, standard:)
        @text = text
        @name = name
        @own = own
        @standard = standard
      end

      # [PreparationEffect or nil, notes] of an entry that was measured as `grams`; counted: the measure was a number of pieces.
      def of(entry, grams, counted:)
        rules, unknown = said.partition { |verb| rule(verb, entry) }
        notes = unknown.map { |verb| "“#{verb}” changes nothing we count for #{entry.name.downcase}#{STAYS if verb == "soaked"}" }
        added = added_water
        return [nil, notes] if rules.empty? && added.zero?

        done = rules.map { |verb| rule(verb, entry) }
        change = change(done, entry)
        before = before?(rules) && !counted
        base = before ? grams / (1 + change[:water] + change[:fibre]) : grams
        [prepared(base, change, added, done), notes]
      end

      private

      # Verbs that the line says, in the order of the rules.
      def said
        text = @own ? @text.sub(@name, " ") : @text
        return [] unless text.match?(WORD)

        BY_VERB.select { |_, rules| rules.any? { |rule| text.match?(rule.pattern) } }.keys
      end

      def rule(verb, entry) = RULES.find { |rule| rule.verb == verb && rule.for?(entry) }

      # It is said in front of the ingredient, as part of its name.
      def before?(verbs)
        verbs.any? && verbs.all? { |verb| RULES.any? { |rule| rule.verb == verb && @name.match?(rule.pattern) } }
      end

      # Shares of the base mass, exact. What one preparation takes, the next has not.
      def change(rules, entry)
        water = low = high = 0
        rules.each do |rule|
          per = (rule.water_of == "water") ? Rational(entry.composition.water.round(4).to_s) / 100 + [water, 0].max : 1
          times = per * time_factor(rule)
          water += rule.water * times
          low += rule.low * times
          high += rule.high * times
        end
        {water: water, low: low, high: high, fibre: rules.sum(Rational(0), &:fibre)}
      end

      def minutes(rule) = Duration.minutes(@text) || rule.usual_minutes

      def time_factor(rule)
        return 1 unless rule.full_minutes.positive?

        [Rational(Math.sqrt(minutes(rule) / rule.full_minutes).round(4).to_s), MOST_TIMES].min
      end

      def prepared(base, change, added, rules)
        done = PreparationEffect.new(base_grams: base, water_grams: base * change[:water] + added, water_low: base * change[:low] + added,
          water_high: base * change[:high] + added, fibre_grams: base * change[:fibre], words: "", verbs: rules.map(&:verb),
          minutes: rules.find { |rule| rule.full_minutes.positive? }&.then { |rule| minutes(rule) })
        done.with(words: words(rules, done, added))
      end

      def words(rules, done, added)
        said = rules.map { |rule|
          [@text[rule.pattern].downcase, (Duration.text(minutes(rule)) if rule.full_minutes.positive?)].compact.join(" ")
        }
        said << "with water" if added.positive?
        "#{said.join(" and ")}: #{[signed(done.water_grams, "water"), signed(done.fibre_grams, "skins")].compact.join(", ")}"
      end

      def signed(grams, what)
        return if grams.zero?

        "#{grams.positive? ? "+" : "−"} #{grams.abs.to_f.round((grams.abs < 10) ? 1 : 0).to_s.delete_suffix(".0")} g #{what}"
      end

      # Grams of water that the line says were blended in.
      def added_water
        amount = @text.include?("water") && WITH_WATER.match(@text)&.[](:amount) or return 0
        term = Quantity::LineReader.read("#{amount} water").then { |reading| reading.readable? ? reading.terms : [] }
        term.sum(0) { |each| each.grams || each.millilitres(@standard) || 0 }
      end
    end
  end
end
