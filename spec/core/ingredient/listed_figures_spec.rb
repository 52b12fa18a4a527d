# frozen_string_literal: true

# The parameter list of the binding model, written here a second time from its text, so that no row of binding.csv
# drifts unseen. Source: common practice, fitted to the check cases; without * at least one of them has it.
RSpec.describe "The listed binding figures" do
  # ingredient form => [a, b, o, d, one sigma of the logarithm], with d30 where it is given and * where no case has it.
  # o is the figure at full liquid; L(T) is applied to it when a bowl is mixed.
  listed = <<~LIST
    water liquid 2.5 0 0 0 .15 | milk-whole liquid 2.25 0 .02 0 .15 | milk-plant liquid 2.25 0 .02 0 .15 | coconut-milk liquid 1.75 0 .14 0 .20 | coconut-cream liquid 1.65 0 .23 0 .20 *
    vanilla-extract liquid 2.0 0 0 0 .20 | yogurt liquid 2.1 0 .03 .20 .30 * | citrus-juice liquid 2.2 0 0 0 .15 * | maple syrup .75 0 0 0 .08 | honey syrup .70 0 0 0 .12
    agave syrup .74 0 0 0 .15 * | date-syrup syrup .72 0 0 0 .15 * | rice-syrup syrup .70 0 0 0 .15 * | condensed-milk liquid .68 0 .09 0 .20 | coconut-cream-sweetened liquid .59 0 .18 0 .25 *
    caramel-sauce liquid .66 0 .08 0 .25 * | marshmallows melted .65 0 0 0 .30 * | sugar-brown granulated .05 0 0 .49 .20 | sugar-granulated granulated 0 0 0 .48 .25 *
    sugar-powdered powder 0 0 0 .30 .25 | erythritol-powdered powder 0 0 0 .30 .25 * | dates-soft paste 0 .52 0 .46 .15 | dates-dry paste 0 .42 0 .48 .15 | dates-moist paste 0 .60 0 .44 .15
    raisins paste 0 .35 0 .50 .30 * | prunes paste 0 .75 0 .41 .30 * | chickpeas paste 0 .85 0 .65 .40 * | sweet-potato paste 0 .91 0 .65 .35 *
    peanut-butter smooth 0 0 .55 .36 .11 | almond-butter smooth 0 0 .60 .36 .15 * | cashew-butter smooth 0 0 .52 .37 .15 * | sunflower-seed-butter smooth 0 0 .60 .33 .11 | tahini smooth 0 0 .63 .31 .11
    coconut-butter smooth 0 0 .62 .30 .25 * | cream-cheese soft 1.3 0 .30 .25 .25 * | peanut-butter-no-stir smooth 0 0 .50 .40 .20 * | coconut-oil oil 0 0 1.09 0 .15 | cocoa-butter pieces 0 0 1.09 0 .15
    oil-neutral oil 0 0 1.09 0 .15 | dairy-butter soft .16 0 .89 0 .15 | butter-vegan soft .18 0 .87 0 .20 * | chocolate-dark melted 0 0 .55 .25 .25 * | chips-butterscotch melted 0 0 .50 .27 .30 *
    chocolate-hazelnut-spread smooth 0 0 .55 .32 .25 * | oats-rolled rolled 0 0 0 .50 .20 .60 | oats-quick rolled 0 0 0 .70 .25 .80 * | oats-rolled cut 0 0 0 .64 .25 .78 | oat-bran cut 0 0 0 .64 .35 .78 *
    oats-steel-cut cut 0 0 0 .55 .40 .75 * | oats-rolled ground 0 0 0 1.1 .20 1.2 | almond-flour ground 0 0 .07 .66 .10 .72 | coconut-flour ground 0 0 0 1.9 .20 2.4 | cocoa powder 0 0 0 1.0 .27 1.1
    protein-powder powder 0 0 0 .83 .25 1.0 | protein-powder-plant powder 0 0 0 1.1 .40 * | peanut-powder powder 0 0 0 1.1 .30 1.3 * | maca powder 0 0 0 1.0 .35 1.1 | flax-ground ground 0 0 0 .81 .25 1.2
    chia whole 0 0 0 .35 .50 .9 * | chia ground 0 0 0 .9 .40 1.5 * | milk-powder powder 0 0 0 .70 .35 * | coconut-desiccated shred 0 0 0 .90 .20 | coconut-sweetened shred .05 0 0 .65 .30 * | hemp-hearts whole 0 0 0 .35 .35 *
    cookie-crumbs crumbs 0 0 0 .64 .12 .70 | puffed-rice whole 0 0 0 1.2 .35 * | crisped-rice-cereal whole 0 0 0 1.2 .35 * | cornflakes whole 0 0 0 1.2 .35 * | quinoa-puffed whole 0 0 0 1.2 .35 * | cornflakes chopped 0 0 0 .75 .40 *
    cinnamon powder 0 0 0 1.0 .50 * | pecans cut 0 0 .14 .23 .30 | peanuts cut 0 0 .12 .23 .30 | walnuts cut 0 0 .14 .23 .30
    almonds cut 0 0 .14 .23 .30 | cashews cut 0 0 .14 .23 .30 | hazelnuts cut 0 0 .14 .23 .30 * | mixed-nuts cut 0 0 .14 .23 .30 | walnuts paste 0 0 .37 .21 .30 | sunflower-seeds cut 0 0 .14 .23 .30 *
    chocolate-chips chips 0 0 0 .05 .40 | walnuts chopped 0 0 0 .05 .40 | raisins whole 0 0 0 .05 .40 | chocolate-chips-mini chips 0 0 0 .08 .40 * | caramel-pieces whole .2 0 0 .05 .40 | salt powder 0 0 0 0 .15
    dates-soft chopped 0 .26 0 .46 .15 *
  LIST

  listed.split(/[|\n]/).each do |entry|
    id, form, a, b, o, d, sigma, *rest = entry.split
    it "#{id}, #{form}" do
      row = ElmCup::DataTable.rows("binding").find { |each| each["ingredient"] == id && each["form"] == form }
      figures = ElmCup::Ingredient::BindingFigures.from_row(row)
      expect(figures.to_h.slice(:a, :b, :o, :d, :sigma).values).to eq([a, b, o, d, sigma].map { |text| "0#{text}".to_f })
      expect(figures.d30).to eq((rest - ["*"]).first.then { |text| text ? "0#{text}".to_f : figures.d })
      expect(figures.starred).to eq(rest.include?("*"))
    end
  end

  # Liquid share of the fats; straight between the points, flat outside. Source: from memory.
  {coconut: {4 => 0.1, 15 => 0.4, 20 => 0.65, 22 => 0.75, 25 => 1, 40 => 1, -18 => 0.1, 21 => 0.70},
   cocoa_butter: {4 => 0.05, 20 => 0.25, 30 => 0.55, 35 => 1, 25 => 0.40},
   dairy_butter: {4 => 0.4, 20 => 0.8, 35 => 1, 12 => 0.6}}.each do |curve, points|
    it "melts #{curve} as listed" do
      points.each { |celsius, share| expect(ElmCup::Fat::LiquidShare.share(curve.to_s, celsius)).to be_within(1e-9).of(share) }
    end
  end
end
