# frozen_string_literal: true

module ElmCup
  module Proposal
    # A bowl from nothing: what there is, put together as cooks do, and balanced to what is wanted. Three different ones where there are so many.
    class Cupboard
      MOST = 3
      # Grams that a bowl comes to where nothing says how much.
      USUAL_GRAMS = 400.0
      # What opening one more thing counts, beside the size of the change.
      OPENED = 0.15
      # So many ways to fill the roles of a family are tried.
      WAYS = 3
      # One bowl before it is balanced: BowlFamily, [Role, Entry] of each that is filled.
      Way = Value.of(:family, :filled)
      Made = Value.of(:way, :answer, :cost)

      # said: a checked Hash ("cupboard/1"), see CupboardDocument.
      def initialize(said, library:, pace:)
        CupboardDocument.check(said, library)
        @said = said
        @library = library
        @pace = pace
        @grams = said["have"].to_h { |each| [each["ingredient"], each["grams"]] }
        @use_up = said["use_up"] || []
        @wishes = said["wishes"] || []
      end

      # A Hash ready for JSON ("balance/1").
      def to_h
        made = ways.lazy.filter_map { |way| make(way, quick: true) unless @pace.over? }.to_a
        chosen = different(made.sort_by { |each| [unused(each.way), each.cost] }).map { |each| best(each) }
        {"elm_cup" => "balance/1", "wishes" => [], "answers" => chosen.map { |each| written(each) }, "clashes" => [], "notes" => notes(chosen, made)}
      end

      private

      def have = @have ||= (@grams.keys + @use_up).uniq.map { |id| @library[id] }

      # Every family that can be filled, each in a few ways; those that use up the most come first.
      def ways
        BowlFamily::ALL.flat_map { |family| fillings(family) }.sort_by.with_index { |way, order| [unused(way), order] }
      end

      def fillings(family)
        fits = have.select { |entry| fits?(entry) }
        lead = choices(family.roles.first, fits, [])
        lead.first(WAYS).flat_map do |entry|
          filled = [[family.roles.first, entry]]
          family.roles.drop(1).each do |role|
            found = choices(role, fits, filled.map(&:last)).first
            found = nil if found && !role.needed && !@use_up.include?(found.id)
            filled << [role, found] if found
          end
          missing = family.roles.select(&:needed) - filled.map(&:first)
          missing.empty? ? [Way.new(family: family, filled: filled)] : []
        end
      end

      # What can fill a role: what must be used up, then what there is enough of, as cooks choose it, then the most.
      def choices(role, fits, taken)
        (fits - taken).select { |entry| role.takes?(entry) }.sort_by do |entry|
          grams = @grams[entry.id] || USUAL_GRAMS
          [@use_up.include?(entry.id) ? 0 : 1, (grams >= role.share * USUAL_GRAMS / 2) ? 0 : 1, role.rank(entry), -grams, entry.id]
        end
      end

      # A wish does not send it away.
      def fits?(entry)
        wishes.none? { |wish| (wish.key == "without" && (entry.id == wish.value || entry.like == wish.value || entry.allergens.include?(wish.value))) || (wish.key == "diet" && wish.value != Mixture::Diets::LOW && entry.breaks?(wish.value)) }
      end

      def wishes = @parsed ||= @wishes.map { |text| Balance::Wish.read(text) }

      def unused(way) = (@use_up - way.filled.map { |_, entry| entry.id }).size

      def make(way, quick:)
        document = SeedDocument.new(way, grams(way), @said, @library).to_h
        answer = balanced(document, quick) or return
        opened = answer["formula"]["components"].first["lines"].size
        Made.new(way: way, answer: answer, cost: answer["size"] + OPENED * (opened - @use_up.size))
      end

      # What was found in haste is looked at again, once it is chosen.
      def best(made) = made.answer["proved_optimal"] ? made : make(made.way, quick: false) || made

      # Grams of each role's ingredient: its share, kept within what there is.
      def grams(way)
        shares = way.filled.sum { |role, _| role.share }
        total = [wanted_grams, *way.filled.select { |role, _| role.needed }.filter_map { |role, entry| @grams[entry.id] && @grams[entry.id] * shares / role.share }].min
        way.filled.to_h { |role, entry| [entry.id, [total * role.share / shares, @grams[entry.id] || Float::INFINITY].min] }
      end

      # As much as the pieces or the grams that are wished for ask.
      def wanted_grams
        by_grams = wishes.find { |wish| wish.key == "grams" }&.value
        pieces = wishes.find { |wish| wish.key == "pieces" }&.value || @said.dig("shape", "pieces")
        each = @said.dig("shape", "piece_grams")
        by_grams || ((pieces && each) ? pieces * each * 1.02 : USUAL_GRAMS)
      end

      def balanced(document, quick)
        balancer = Balancer.new(document, wishes: ["texture=#{@said["want"] || "rolls"}", *@wishes].uniq, have: have.map(&:id), library: @library, pace: @pace,
          most: @grams.compact)
        balancer.to_h(1, quick: quick)["answers"].first
      rescue InvalidDocument
        nil
      end

      # Another family first; then another way of the same.
      def different(made)
        first = made.uniq { |each| each.way.family.id }
        (first + (made - first)).uniq { |each| each.answer["formula"]["components"].first["lines"].map { |line| line["ingredient"] }.sort }.first(MOST)
      end

      def written(made)
        answer = made.answer
        lines = Assessment.of(answer["formula"].except("wishes"), library: @library)["components"].first["lines"]
        answer.merge("before" => {}, "family" => made.way.family.id, "changes" => lines.map { |line| poured(line) }, "why" => why(made, lines))
      end

      def poured(line)
        {"kind" => "added", "component" => "dough", "text" => line["text"], "grams" => line["grams"], "ingredient" => line["ingredient"], "now" => line["text"]}
      end

      def why(made, lines)
        left = @use_up - lines.map { |line| line["ingredient"] }
        usual = "Of the #{made.way.family.name.downcase} bowls that this can make, the one that is least from a usual one and grants what you want; it opens #{lines.size} things"
        left.empty? ? "#{usual}." : "#{usual}; it has no place for #{left.map { |id| @library[id].name.downcase }.join(", ")}."
      end

      def notes(chosen, made)
        return [nothing(made)] if chosen.empty?
        return ["Only #{chosen.size} #{(chosen.size == 1) ? "bowl" : "bowls"} can be made of this."] if chosen.size < MOST

        []
      end

      def nothing(made)
        possible = BowlFamily::ALL.reject { |family| fillings(family).empty? }
        return "No bowl here comes to what you want; drop a wish, or tick more." if possible.any?

        "A bowl needs more than this: #{BowlFamily::ALL.map { |family| missing(family) }.join("; ")}."
      end

      def missing(family)
        lacks = family.roles.select { |role| role.needed && have.none? { |entry| role.takes?(entry) && fits?(entry) } }
        "#{family.name.downcase} lacks #{lacks.map { |role| role.of.map { |each| each.sub(/\A\w+:/, "").tr("-", " ") }.first(3).join(" or ") }.join(" and ")}"
      end
    end
  end
end
