# frozen_string_literal: true

module ElmCup
  module Plan
    # What all formulas of a plan need, less what there is, in packs and money.
    class Shopping
      FREE = Mixture::Cost::FREE
      # ingredient, name; needs: grams; has: grams that there are, nil where nobody knows; ticked: there is some of it; buy: grams to buy
      #   packs, pack_grams  how many of what size, nil where no pack is known      cost  nil without a price      text  in words
      Item = Value.of(:ingredient, :name, :needs, :buy, :ticked, :text, has: nil, packs: nil, pack_grams: nil, cost: nil) do
        self::DIGITS = {needs: 1, has: 1, buy: 1, pack_grams: 0, cost: 2}.freeze
      end

      # assessments: Assessments; library: Ingredient::Library; have: [{ingredient:, grams: or nil}, …], what there is.
      def initialize(assessments, library:, have: [])
        @assessments = assessments
        @library = library
        @have = have.to_h { |each| [each.fetch("ingredient"), each["grams"]] }
      end

      # Items, by name; what there is enough of is left out.
      def items
        @items ||= needed.map { |id, grams| item(id, grams) }.reject { |each| each.buy.zero? && !each.ticked }
          .sort_by { |each| each.name.downcase }
      end

      # What is to be bought; what is there, of which nobody knows how much.
      def to_buy = items.reject(&:ticked)

      def to_check = items.select(&:ticked)

      # Money for what is bought, by the pack where packs are known; nil without a price. Names of what has none.
      def cost = to_buy.filter_map(&:cost).then { |costs| costs.sum if costs.any? }

      def unpriced = to_buy.select { |each| each.cost.nil? }.map(&:name)

      # Lines that are not read cannot be bought for.
      def unread = @assessments.flat_map { |assessment| assessment.flags.map { |flag| "#{assessment.name}: #{flag.text}" } }

      private

      # Id => grams of all that goes in, as it is bought.
      def needed
        @assessments.flat_map { |assessment| assessment.read_lines.map { |_, line, _| line } }
          .reject { |line| FREE.include?(line.entry.like) || line.grams.zero? }
          .group_by { |line| line.entry.id }.transform_values { |lines| lines.sum { |line| line.base_grams.to_f } }
      end

      def item(id, needs)
        entry = @library[id]
        ticked = @have.key?(id) && @have[id].nil?
        buy = ticked ? 0.0 : [needs - (@have[id] || 0), 0.0].max
        pack = pack(entry)
        packs = (buy / pack).ceil if pack && buy.positive?
        Item.new(ingredient: id, name: entry.name, needs: needs, has: @have[id], ticked: ticked, buy: buy, packs: packs,
          pack_grams: packs && pack, cost: cost_of(id, buy, packs, pack), text: words(entry, needs, buy, packs, pack, ticked))
      end

      # Grams of a pack: that of the price, else the usual one.
      def pack(entry)
        usual = @library.packs(entry.like).find { |each| Coating::Packs::UNITS.intersect?(each.units) }
        (@library.price(entry.id)&.pack_grams || usual&.grams)&.to_f
      end

      def cost_of(id, buy, packs, pack)
        price = @library.price(id) or return
        return if buy.zero?

        price.per_gram.to_f * (packs ? packs * pack : buy)
      end

      def words(entry, needs, buy, packs, pack, ticked)
        name = entry.name.downcase
        return "#{entry.name}: you have some; #{grams(needs)} are needed" if ticked
        return "#{packs} × #{grams(pack)} #{name} (#{grams(buy)} needed)" if packs

        "#{grams(buy)} #{name}"
      end

      def grams(value) = "#{(value < 10) ? value.round(1).to_s.delete_suffix(".0") : value.round} g"
    end
  end
end
