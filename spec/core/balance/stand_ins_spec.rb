# frozen_string_literal: true

# What may stand in for what. Common practice of the kitchen, from memory, unless another source is named.
RSpec.describe ElmCup::Balance::StandIns do
  library = ElmCup.shipped
  resolver = Bowls.line_resolver("hand")
  stands_for = ->(id, most = 7) {
    described_class.new(library) { true }.for(resolver.weighed(id, 100), nil, most: most).map { |entry, _| entry.id }
  }

  it "has a kind for everything that is there for its taste, and only ids that the library knows" do
    tasted = library.all.select { |entry| %w[spice flavour salt].include?(entry.family) }
    expect(tasted.reject { |entry| described_class::KINDS[entry.like] }.map(&:id)).to eq([])
    named = described_class::KINDS.keys + described_class::CUSTOMS.flat_map { |custom| [custom.of, custom.to] }
    expect(named.reject { |id| library[id] }).to eq([])
    listed = ElmCup::DataTable.rows("stand_in_kinds").flat_map { |row| ElmCup::DataTable.list(row["ingredients"]) }
    expect(listed.tally.select { |_, times| times > 1 }).to eq({})
  end

  it "keeps to its kind what is there for its taste, and what is nothing for such a bowl" do
    library.all.each do |entry|
      others = stands_for.call(entry.id, 40)
      swapped = ElmCup::SecondLook::Swaps::ALL.select { |swap| swap.for?(entry) }.map(&:to) +
        described_class::CUSTOMS.select { |custom| custom.of == entry.like }.map(&:to)
      expect([entry.id, (others - swapped).reject { |id| described_class::KINDS[library[id].like] == described_class::KINDS[entry.like] }])
        .to eq([entry.id, []])
    end
  end

  # What a cook takes, and what would make her laugh.
  {
    "salt" => [%w[salt-flaky], %w[erythritol-powdered allulose]], "vanilla-extract" => [%w[almond-extract],
      %w[vinegar food-colouring spirits]], "cocoa" => [%w[carob-powder], %w[flax-ground coconut-flour]],
    "oats-rolled" => [%w[oats-rolled-gluten-free oats-quick], %w[oats-steel-cut flour-wheat]],
    "dates-soft" => [%w[dates-moist figs-dried raisins], %w[peel-candied fruit-dried-mixed]],
    "milk-plant" => [%w[milk-oat], %w[citrus-juice]],
    "sugar-powdered" => [%w[sugar-coconut], %w[fruit-powder beetroot-powder]],
    "cinnamon" => [%w[spice-mixed], %w[pepper-black chilli cocoa]], "honey" => [%w[maple agave], %w[molasses jam]],
    "sesame-seeds" => [%w[sunflower-seeds], %w[chocolate-unsweetened cocoa-nibs poppy-seeds]],
    "quinoa-puffed" => [%w[puffed-rice], %w[rice-flour flour-wheat]], "peanut-butter" => [%w[sunflower-seed-butter almond-butter], %w[]],
    "chocolate-dark" => [%w[chocolate-milk chocolate-chips], %w[banana-chips almonds-coated]],
    "erythritol" => [%w[erythritol-powdered], %w[stevia monk-fruit]], "flaxseed" => [%w[flax-ground], %w[cocoa-nibs]]
  }.each do |id, (taken, never)|
    it "takes #{taken.join(", ")} for #{id}, never #{never.empty? ? "nothing" : never.join(", ")}" do
      found = stands_for.call(id)
      expect(found).to include(*taken)
      expect(found & never).to eq([])
    end
  end

  # Raw flour is not for eating (trade caution; the note of each row).
  it "never proposes raw flour, nor what has to be cooked first, for anything" do
    uncooked = described_class::KINDS.select { |_, kind| described_class::NEVER.include?(kind) }.keys
    expect(uncooked.size).to eq(7)
    library.all.each { |entry| expect([entry.id, stands_for.call(entry.id, 40) & uncooked]).to eq([entry.id, []]) }
    expect(stands_for.call("flour-wheat")).to eq(%w[oat-flour oats-rolled-gluten-free])
    expect(ElmCup::SecondLook::Swaps::ALL.map(&:to) & uncooked).to eq([])
    expect(ElmCup::Balance::Helpers::ROWS.map { |row| row["ingredient"] } & uncooked).to eq([])
  end
end
