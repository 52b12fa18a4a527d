# frozen_string_literal: true

module ElmCup
  module SecondLook
    # A little water makes melted chocolate seize; a lot makes ganache of it. Source: docs/model.md, Water in melted chocolate:
    # about .5 to 10 % seizes, 10 to 20 % is unstable, from 20 % on it is ganache (common practice).
    module WaterInChocolate
      ID = "water-in-chocolate"
      SEIZES = 0.005
      GANACHE = 0.20
      # Share of chocolate from which a mix is melted chocolate with something in it.
      LEADS = 0.5
      # Butter holds its water bound: cooks thin a slab's chocolate with it by the tablespoon.
      BOUND = %w[dairy-butter dairy-butter-salted butter-vegan].freeze
      # Grams of water in 100 g from which an ingredient counts as wet.
      WET = 10.0

      # Findings about a Table; empty where there is nothing to say.
      def self.look(table)
        chocolate = table.bowl.lines.select { |line| line.entry.family == "chocolate" }
        grams = chocolate.sum { |line| line.grams.to_f }
        return [] unless melted?(table, chocolate) && grams >= LEADS * table.bowl.grams

        wet = table.bowl.lines.select { |line| wet?(line) }
        share = wet.sum { |line| line.entry.composition.water / 100 * line.base_grams.to_f } / grams
        return [] unless share.between?(SEIZES, GANACHE)

        own = table.read_lines.select { |line, _| wet?(line) }
        own.empty? ? [] : [finding(table, own, share)]
      end

      def self.melted?(table, chocolate) = chocolate.any? && (table.type.melted? || chocolate.any?(&:melted))

      # What holds its water, as long as it is in pieces.
      HOLDS = ["dried fruit", "dates"].freeze

      # It brings water that chocolate does not bear.
      def self.wet?(line)
        return false if HOLDS.include?(line.entry.family) && line.form != "paste"

        line.entry.family != "chocolate" && line.entry.composition.water >= WET && !BOUND.include?(line.entry.like)
      end

      # Everything wet out, last line first so that the places hold.
      def self.finding(table, own, share)
        names = own.map { |line, _| line.entry.name.downcase }.uniq.join(", ")
        Finding.mended_by(rule: ID, component: table.name, remedy_text: "Take out #{names}",
          message: "#{(share * 100).round(1)} % of water in melted chocolate (#{names}) makes it seize or split; none at all, " \
            "or a fifth and more for a ganache.",
          patch: own.reverse.flat_map { |_, index| LineRemedy.remove(table, index) })
      end
      private_class_method :melted?, :wet?, :finding
    end
  end
end
