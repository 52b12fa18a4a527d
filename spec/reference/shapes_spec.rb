# frozen_string_literal: true

# Shapes against published rules and mathematics that are not ours.
RSpec.describe "Shapes, by references of their own" do
  if (missing = GnuUnits.missing)
    it("against GNU units") { skip missing }
  else
    # Source: GNU units, scoop(n): n level scoops fill a US quart.
    it "holds in every scoop what GNU units says" do
      numbers = ElmCup::Piece::Scoop::NUMBERS
      found = numbers.map { |number| GnuUnits.convert("scoop(#{number})", "ml") }
      expect(numbers.map { |number| ElmCup::Piece::Scoop.millilitres(number).to_f }).to match(found.map { |ml| be_within(1e-4).of(ml) })
    end
  end

  # Source: disher table of the trade, 32 US fluid ounces over the number; a sphere of that volume at 1.17 g/mL.
  {4 => [236.6, 76.7, 276.8], 6 => [157.7, 67.0, 184.5], 8 => [118.3, 60.9, 138.4], 10 => [94.6, 56.5, 110.7], 12 => [78.9, 53.2, 92.3],
   16 => [59.1, 48.3, 69.2], 20 => [47.3, 44.9, 55.4], 24 => [39.4, 42.2, 46.1], 30 => [31.5, 39.2, 36.9], 40 => [23.7, 35.6, 27.7],
   50 => [18.9, 33.1, 22.1], 60 => [15.8, 31.1, 18.5], 70 => [13.5, 29.6, 15.8], 100 => [9.5, 26.2, 11.1]}.each do |number, (ml, mm, grams)|
    it "rolls scoop #{number} to balls of #{mm} mm and #{grams} g" do
      ball = shaped("ball", 3000.0, scoop_ml: ElmCup::Piece::Scoop.ml(number))
      expect([ball.piece_ml, ball.diameter_mm,
        ball.piece_grams]).to match([be_within(0.06).of(ml), be_within(0.06).of(mm), be_within(0.06).of(grams)])
    end
  end

  # Source: sums of the sides given in inches and centimetres; a round one by pi r^2.
  {[203, 203] => 412.9, [200, 200] => 400, [229, 229] => 522.6, [229, 127] => 290.3, [216, 114] => 246.8, [229, 330] => 754.8, [279,
    178] => 496.8,
   [203] => 324.3, [229] => 410.4, [230, 315] => 724.5, [50] => 19.6, [32] => 8.0}.each do |mm, cm2|
    it "takes a tin of #{mm.join(" × ")} mm for #{cm2} cm²" do
      expect(ElmCup::Piece::Tin.new(sides_mm: mm).area_mm2 / 100).to be_within([0.004 * cm2, 0.05].max).of(cm2)
    end
  end

  # A solid of revolution, added up in thin rings: nothing of our formulas is in it.
  def ring_sums(half_length, steps: 20_000)
    dx = 2.0 * half_length / steps
    radii = (0..steps).map { |step| yield(-half_length + step * dx) }
    volume = radii.each_cons(2).sum { |one, other| Math::PI * dx * (one**2 + one * other + other**2) / 3 }
    surface = radii.each_cons(2).sum { |one, other| Math::PI * (one + other) * Math.hypot(dx, other - one) }
    [volume, surface]
  end

  it "knows the volume and the surface of balls and eggs, by fine numerical integration" do
    [[30.0, 30.0], [30.0, 40.5], [22.0, 29.7], [18.0, 60.0]].each do |across, long|
      body = ElmCup::Piece::Spheroid.new(diameter_mm: across, length_mm: long)
      volume, surface = ring_sums(long / 2) { |x| across / 2 * Math.sqrt([1 - (2 * x / long)**2, 0].max) }
      expect([body.volume_mm3, body.surface_mm2]).to match([be_within(0.01).percent_of(volume), be_within(0.1).percent_of(surface)])
    end
  end

  # Source: worked values, a sphere of radius 10: 4188.79 and 1256.64; a cube of 20: 8000 and 2400; a disc 40 across and 10 high: 12566.4
  # and 3769.9; half a ball of radius 10: 2094.4 and 942.5.
  it "agrees with worked values" do
    bodies = {ElmCup::Piece::Spheroid.new(diameter_mm: 20.0, length_mm: 20.0) => [4188.79, 1256.64],
              ElmCup::Piece::Box.new(length_mm: 20.0, width_mm: 20.0, height_mm: 20.0) => [8000, 2400],
              ElmCup::Piece::Prism.disc(40.0, 10.0) => [12_566.4, 3769.9], ElmCup::Piece::Dome.new(radius_mm: 10.0) => [2094.4, 942.5]}
    bodies.each { |body, (volume, surface)|
      expect([body.volume_mm3, body.surface_mm2]).to match([be_within(0.1).of(volume), be_within(0.1).of(surface)])
    }
  end

  # Points thrown at a wedge with a wall around it, counted: the outline grows as Steiner's formula says, but for the corner in the middle.
  it "grows every body by its surface times the layer, where that is thin" do
    grid = ElmCup::Piece::Grid.new(tin: ElmCup::Piece::Tin.new(sides_mm: [200]), across: 8, along: 2)
    bodies = [ElmCup::Piece::Spheroid.new(diameter_mm: 30.0, length_mm: 30.0), ElmCup::Piece::Box.new(length_mm: 33.0, width_mm: 50.0,
      height_mm: 12.0),
      ElmCup::Piece::Prism.disc(45.0, 10.0), grid.body(15.0), ElmCup::Piece::Dome.new(radius_mm: 12.0)]
    bodies.each do |body|
      expect((body.grown(1e-4).volume_mm3 - body.volume_mm3) / 1e-4).to be_within(0.01).percent_of(body.surface_mm2)
    end
    # An egg grows to the egg whose axes are longer, which is not quite as thick everywhere.
    egg = ElmCup::Piece::Spheroid.new(diameter_mm: 30.0, length_mm: 40.5)
    expect((egg.grown(1e-4).volume_mm3 - egg.volume_mm3) / 1e-4).to be_within(0.7).percent_of(egg.surface_mm2)
  end

  it "cuts a round tin in pieces of one area, by counting points" do
    grid = ElmCup::Piece::Grid.new(tin: ElmCup::Piece::Tin.new(sides_mm: [200]), across: 6, along: 3)
    random = Random.new(7)
    rings = grid.rings_mm
    found = Hash.new(0)
    60_000.times do
      x, y = Array.new(2) { random.rand(-100.0..100.0) }
      radius = Math.hypot(x, y)
      next if radius >= 100

      found[[rings.index { |each| each > radius } - 1, ((Math.atan2(y, x) + Math::PI) / (2 * Math::PI) * 6).floor]] += 1
    end
    expect(found.size).to eq(18)
    expect(found.values).to all(be_within(8).percent_of(found.values.sum / 18.0))
  end

  # Source: the total area of balls is 4.836 n^(1/3) (M/rho)^(2/3) cm²: twice as many of the same dough want 26 % more.
  it "keeps to the law of balls of the same dough" do
    [12, 24, 48].each do |count|
      ball = shaped("ball", 360.0, pieces: count)
      expect(count * ball.body.surface_mm2 / 100).to be_within(0.05).percent_of(4.836 * count**(1.0 / 3) * (360 / 1.17)**(2.0 / 3))
    end
    areas = [20, 40].map { |count| count * shaped("ball", 360.0, pieces: count).body.surface_mm2 }
    expect(areas[1] / areas[0]).to be_within(0.005).of(1.26)
  end
end
