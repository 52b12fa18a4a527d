# frozen_string_literal: true

module ElmCup
  module Plan
    # Whether there are pieces enough for those who come, and for what each of them can eat.
    class GuestTable
      # People of one kind: how many, pieces that they want, names of the formulas that they can eat, pieces of those.
      Group = Value.of(:people, :needs, :wanted, :suits, :pieces)
      # pieces: of all formulas, wanted: by all guests; short: how many are wanting, 0 for none; words
      Answer = Value.of(:pieces, :wanted, :short, :groups, :words)
      PIECES_EACH = 3

      # guests: Hashes of the request; assessments: Assessments.
      def initialize(guests, assessments)
        @guests = guests
        @assessments = assessments
      end

      # Answer; nil where nobody comes.
      def answer
        return if @guests.empty?

        short, who = shortage
        Answer.new(pieces: supply(@assessments), wanted: groups.sum(&:wanted), short: short, groups: groups, words: words(short, who))
      end

      private

      def groups
        @groups ||= @guests.map do |guest|
          needs = guest["needs"] || []
          suits = suiting(needs)
          Group.new(people: guest["people"], needs: needs, wanted: (guest["people"] * (guest["pieces_each"] || PIECES_EACH)).ceil,
            suits: suits.map(&:name), pieces: supply(suits))
        end
      end

      def suiting(needs) = @assessments.select { |assessment| (needs - assessment.diets.kept).empty? }

      def supply(assessments) = assessments.sum { |assessment| assessment.pieces.together&.count || 0 }

      # The most pieces wanting of any of the groups together, and which: there are enough for all where none of these is short.
      # Source: Hall's theorem on distinct representatives (1935).
      def shortage
        (1..groups.size).flat_map { |count| groups.combination(count).to_a }.map { |some| [missing(some), some] }
          .max_by { |short, some| [short, -some.size] }.then { |short, some| [[short, 0].max, some] }
      end

      def missing(some)
        able = @assessments.select { |assessment| some.any? { |group| (group.needs - assessment.diets.kept).empty? } }
        some.sum(&:wanted) - supply(able)
      end

      def words(short, who)
        return "There are pieces enough for everybody." if short.zero?
        return "#{short} pieces are wanting for all who come." if who.size == groups.size && groups.size > 1

        kinds = who.map { |group| group.needs.empty? ? "those who eat everything" : group.needs.join(" and ") }.uniq.join("; ")
        "#{short} pieces are wanting#{" for #{kinds}" unless kinds.empty?}."
      end
    end
  end
end
