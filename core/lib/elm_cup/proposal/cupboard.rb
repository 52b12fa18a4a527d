# frozen_string_literal: true

module ElmCup
  module Proposal
    # A bowl from nothing: what there is, put together as cooks do, and balanced to what is wanted. Three different ones where there are so many.
    class Cupboard
      MOST = 3
      # Grams that a bowl comes to where nothing says how much.
      USUAL_GRAMS = 400.0
      # A bowl of less is none, where nothing says how large a piece is.
      LEAST_GRAMS = 15.0
      # A usual bowl keeps so far under the most of a thing, since measures that exist round its share up or down.
      ROOM = 0.9
      # What opening one more thing counts, beside the size of the change.
      OPENED = 0.15
      # So many ways to fill the roles of a family are tried.
      WAYS = 3
      # One bowl before it is balanced: BowlFamily, [Role, Entry] of each that is filled.
      Way = Value.of(:family, :filled)
      Made = Value.of(:way, :answer, :cost)

      # said: a Hash ("cupboard/1"), checked here.
      def initialize(said, library:, pace:)
        @wishes = CupboardDocument.wishes(said, library)
        @said = said
        @library = library
        @pace = pace
        @grams = said["have"].to_h { |each| [each["ingredient"], each["grams"]] }
        @use_up = said["use_up"] || []
      end

      # A Hash ready for JSON ("balance/1").
      def to_h
        made = ways.lazy.filter_map { |way| make(way, quick: true) unless @pace.over? }.to_a
        chosen = different(made.sort_by { |each| [unused(each.way), each.cost] }).map { |each| best(each) }
        {"elm_cup" => "balance/1", "wishes" => [], "answers" => chosen.map { |each| written(each) }, "clashes" => chosen.empty? ? clashes : [], "notes" => notes(chosen)}
      end

      private

      def have = @have ||= (@grams.keys + @use_up).uniq.map { |id| @library[id] }

      # Every family that can be filled, each in a few ways; those that use up the most come first.
      def ways = @ways ||= filled.select { |way| seed(way).grams >= least_grams }.sort_by.with_index { |way, order| [unused(way), order] }

      def filled = @filled ||= BowlFamily::ALL.flat_map { |family| fillings(family) }

      def seed(way) = SeedDocument.new(way, grams(way), @said, @library)

      # One piece.
      def least_grams = @said.dig("shape", "piece_grams") || LEAST_GRAMS

      def fillings(family)
        fits = have.select { |entry| fits?(entry) }
        lead = choices(family.roles.first, fits, [])
        lead.first(WAYS).flat_map do |entry|
          filled = [[family.roles.first, entry]]
          family.roles.drop(1).each do |role|
            found = choices(role, fits, filled.map(&:last)).first
            found = nil if found && !role.usual? && !@use_up.include?(found.id)
            filled << [role, found] if found
          end
          missing = family.roles.select(&:needed?) - filled.map(&:first)
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
      def fits?(entry) = @wishes.none? { |wish| wish.forbids?(entry) }

      def unused(way) = (@use_up - way.filled.map { |_, entry| entry.id }).size

      def make(way, quick:)
        answer = balanced(seed(way).to_h, quick) or return
        opened = answer["formula"]["components"].first["lines"].size
        Made.new(way: way, answer: answer, cost: answer["size"] + OPENED * (opened - @use_up.size))
      end

      # What was found in haste is looked at again, once it is chosen.
      def best(made) = made.answer["proved_optimal"] ? made : make(made.way, quick: false) || made

      # Grams of each role's ingredient: its share, kept within what there is.
      def grams(way)
        shares = shares(way)
        total = [wanted_grams, *way.filled.select { |role, _| role.needed? }.filter_map { |_, entry| @grams[entry.id] && @grams[entry.id] / shares[entry.id] }].min
        shares.to_h { |id, share| [id, [total * share, @grams[id] || Float::INFINITY].min] }
      end

      # Ingredient id => share of the bowl; what would be more than cooks take of it leaves its rest to the others.
      def shares(way)
        wanted = way.filled.to_h { |role, entry| [entry.id, role.share] }
        capped = {}
        loop do
          free = wanted.except(*capped.keys)
          scale = (1 - capped.values.sum) / free.values.sum
          over = free.select { |id, share| limits[id] && share * scale > limits[id] * ROOM }
          return capped.merge(free.transform_values { |share| share * scale }) if over.empty? || over.size == free.size

          capped.merge!(over.to_h { |id, _| [id, limits[id] * ROOM] })
        end
      end

      # As much as the pieces or the grams that are wished for ask.
      def wanted_grams
        by_grams = @wishes.find { |wish| wish.key == "grams" }&.value
        pieces = @wishes.find { |wish| wish.key == "pieces" }&.value || @said.dig("shape", "pieces")
        each = @said.dig("shape", "piece_grams")
        by_grams || ((pieces && each) ? pieces * each * 1.02 : USUAL_GRAMS)
      end

      # nil for one that cannot be asked for what is wanted, such as a cost where nothing has a price.
      def balanced(document, quick)
        balancer(document).to_h(1, quick: quick)["answers"].first
      rescue InvalidDocument
        nil
      end

      # Most of a bowl that cooks make of what tastes or binds too strongly: ingredient id => share.
      def limits = @limits ||= have.to_h { |entry| [entry.id, BowlFamily::LIMITS[entry.like]] }.compact

      def balancer(document)
        Balancer.new(document, wishes: [*@wishes.map(&:text), "texture=#{@said["want"] || "rolls"}"], have: have.map(&:id), library: @library, pace: @pace, most: @grams.compact, shares: limits)
      end

      # Why the first of the ways does not come to what is wanted; what cannot be asked of it at all is refused.
      def clashes
        return [] if ways.empty?

        way = ways.first
        @clashes ||= balancer(seed(way).to_h).clashes(within: within(way))
      end

      def within(way)
        kept = limits.slice(*way.filled.map { |_, entry| entry.id }).map { |id, share| "no more than #{(share * 100).round} % #{@library[id].name.downcase}" }
        ["with no line under half or over twice its share of a usual #{way.family.name.downcase} bowl", *kept, "and no helper over a quarter of it"].join(", ")
      end

      # Another family first; then another way of the same.
      def different(made)
        first = made.uniq { |each| each.way.family.id }
        (first + (made - first)).uniq { |each| each.answer["formula"]["components"].first["lines"].map { |line| line["ingredient"] }.sort }.first(MOST)
      end

      def written(made)
        answer = made.answer
        lines = Assessment.of(answer["formula"].except("wishes"), library: @library)["components"].first["lines"]
        answer.merge("before" => {}, **Assessment::ComeAndGone.of({}, answer["after"]), "family" => made.way.family.id, "changes" => lines.map { |line| poured(line) }, "why" => why(made, lines))
      end

      def poured(line)
        {"kind" => "added", "component" => "dough", "text" => line["text"], "grams" => line["grams"], "ingredient" => line["ingredient"], "now" => line["text"]}
      end

      def why(made, lines)
        left = @use_up - lines.map { |line| line["ingredient"] }
        "#{least(made)}; #{lines.size} things go in.#{" It has no place for #{left.map { |id| @library[id].name.downcase }.join(", ")}." if left.any?}"
      end

      def least(made)
        bowl = "usual #{made.way.family.name.downcase} bowl"
        return "A #{bowl} is so already, nothing in it had to be moved" if made.answer["size"].zero?
        return "Of what is ticked, the smallest change from a #{bowl} that gives what you want" if made.answer["proved_optimal"]

        "Of what is ticked, a small change from a #{bowl} that gives what you want; none smaller was found in the time"
      end

      def notes(chosen)
        return [] if chosen.size == MOST
        return ["Only #{chosen.size} #{(chosen.size == 1) ? "bowl" : "bowls"} can be made of this."] if chosen.any?
        return ["A bowl needs more than this: #{BowlFamily::ALL.map { |family| missing(family) }.join("; ")}."] if filled.empty?
        return ["There is too little of it for one piece of #{least_grams.round} g."] if ways.empty?
        return ["No bowl was found in #{@pace.seconds} s; drop a wish, or tick more."] if clashes.empty?

        ["No bowl here comes to what you want. Of what is ticked a #{ways.first.family.name.downcase} one can be made; this is why it will not do:"]
      end

      def missing(family)
        lacks = family.roles.select { |role| role.needed? && have.none? { |entry| role.takes?(entry) && fits?(entry) } }
        "#{family.name.downcase} lacks #{lacks.map { |role| role.of.map { |each| each.sub(/\A\w+:/, "").tr("-", " ") }.first(3).join(" or ") }.join(" and ")}"
      end
    end
  end
end
