# frozen_string_literal: true

RSpec.describe ElmCup::Piece::Shape do
  # Every kind, said in most of its ways.
  ways = [
    ["ball", {piece_grams: 18}], ["ball", {scoop_ml: 23.66}], ["ball", {pieces: 24}], ["ball", {diameter_mm: 30}],
    ["egg", {piece_grams: 20}], ["egg", {pieces: 15}], ["egg", {length_mm: 40}], ["egg", {scoop_ml: 22.18}],
    ["cookie", {piece_grams: 22}], ["cookie", {diameter_mm: 50, thickness_mm: 8}], ["cookie", {pieces: 20, thickness_mm: 12}],
    ["log", {}], ["log", {diameter_mm: 45, slice_mm: 8}], ["log", {pieces: 20}], ["log", {pieces: 20, fixed: "slice_mm"}], ["log",
      {piece_grams: 15}],
    ["slab", {}], ["slab", {tin_mm: [200, 300], grid: [6, 5]}], ["slab", {tin_mm: [200], pieces: 12}], ["slab", {pieces: 24, trim_mm: 8}],
    ["slab", {piece_grams: 25}], ["slab", {depth_mm: 8, piece_grams: 20}], ["slab", {depth_mm: 25}], ["slab", {tin_mm: [200],
                                                                                                               piece_grams: 30,
                                                                                                               trim_mm: 4}],
    ["slab", {tins: 2, grid: [3, 3]}], ["cup", {}], ["cup", {pieces: 40}], ["cup", {piece_grams: 8, diameter_mm: 50}], ["mould",
      {cavity_ml: 12}],
    ["mould", {cavity_ml: 12, pieces: 20}], ["mould", {cavity_ml: 8, joined: true}], ["bark", {}], ["bark", {pieces: 30, thickness_mm: 4}],
    ["glass", {ml: 60}], ["glass", {pieces: 6}]
  ]

  ways.each do |kind, said|
    it "#{kind} #{said} loses nothing, and its body holds what a piece is" do
      [140.0, 412.0, 1200.0].each do |grams|
        made = shaped(kind, grams, **said)
        # pieces + trims + over = dough
        expect(made.count * made.piece_grams + made.trim_grams.to_f + made.over_grams).to be_within(1e-6).of(grams)
        expect([made.count.positive?, made.over_grams >= 0]).to eq([true, true])
        expect(made.piece_ml).to be_within(1e-9).of(made.piece_grams / 1.17)
        expect(made.layers.sum(&:grams)).to be_within(1e-6).of(made.piece_grams)
        # What stands in liners and moulds may be less than full.
        expect(made.body.volume_mm3 / 1000).to be_within(0.01).percent_of(made.piece_ml) unless %w[mould].include?(kind)
        expect(made.words).to start_with("#{made.count} ")
        weighed = made.by_weight and
          expect(weighed.each_grams * (made.count - 1) + weighed.last_grams).to be_within(0.06).of(made.count * made.piece_grams)
      end
    end

    it "#{kind} #{said} comes back as it was from any other figure that it gives" do
      made = shaped(kind, 412.0, **said)
      sizes = described_class.kinds.fetch(kind).sizes
      figures = {"piece_grams" => made.piece_grams, "pieces" => made.count, "diameter_mm" => made.diameter_mm,
                 "scoop_ml" => made.piece_ml, "ml" => made.piece_ml,
                 "length_mm" => made.body.mm.first}
      again = sizes.map(&:key).reject { |key| kind == "slab" || (kind == "cup" && key == "pieces") || (kind == "mould") }.map { |key|
        # What is over would be shared out where a number is said.
        whole = (key == "pieces") ? made.count * made.piece_grams : 412.0
        shaped(kind, whole, **said.except(*sizes.map { |way| way.key.to_sym }), key.to_sym => figures.fetch(key)).piece_grams
      }
      expect(again).to all(be_within(0.5).percent_of(made.piece_grams))
    end
  end

  it "lets the figure give way that is not kept" do
    expect(shaped("log", 412.0, pieces: 20).body.mm).to match([40, 40, be_within(0.1).of(412 / 1.17 * 1000 / 20 / (Math::PI * 400))])
    kept = shaped("log", 412.0, pieces: 20, fixed: "slice_mm")
    expect([kept.body.mm.last, kept.gives_way]).to eq([10, "diameter_mm"])
    expect(shaped("log", 412.0).gives_way).to eq("pieces")
    deep = shaped("slab", 1200.0, depth_mm: 20)
    expect([deep.gives_way, deep.over_grams.round, deep.full_grams.round]).to eq(["tin_mm", 264, 936])
    part = shaped("slab", 400.0, depth_mm: 20)
    expect([part.tin.filled_mm.round, part.over_grams,
      part.notes.first]).to match([85, be_within(1e-9).of(0), /fills 85 mm of the tin’s 200/])
    expect(shaped("slab", 400.0).gives_way).to eq("depth_mm")
  end

  it "cuts the grid that comes nearest to squares, and says where a number makes strips" do
    expect(shaped("slab", 412.0, tin_mm: [200, 300], pieces: 24).cut.grid).to eq([4, 6])
    expect(shaped("slab", 412.0, tin_mm: [300, 200], pieces: 24).cut.grid).to eq([6, 4])
    strips = shaped("slab", 412.0, pieces: 23)
    expect([strips.cut.grid.max, strips.notes]).to match([23, [/strips; 24 would be cut 6 × 4/]])
    expect(shaped("slab", 412.0, tin_mm: [200], pieces: 8).cut.words).to eq("8 wedges").or eq("4 wedges in 2 rings")
    wanted = shaped("slab", 800.0, tin_mm: [200, 300], piece_grams: 31)
    expect(wanted.piece_grams).to be_within(10).percent_of(31)
    expect(wanted.piece_mm.first(2).max / wanted.piece_mm.first(2).min).to be < 1.6
  end

  it "draws the lines of a cut where the pieces end" do
    cut = shaped("slab", 412.0, tin_mm: [200, 300], grid: [4, 6], trim_mm: 10).cut
    expect([cut.x_mm,
      cut.y_mm]).to eq([[10, 55, 100, 145, 190], [10, 10 + 280.0 / 6, 10 + 560.0 / 6, 150, 10 + 1120.0 / 6, 10 + 1400.0 / 6, 290]])
    expect(shaped("slab", 412.0, tin_mm: [200], grid: [6, 2]).cut.rings_mm).to match([be_within(0.01).of(100 / Math.sqrt(2)), 100])
  end

  # Common practice: dividing a block by weight, "12 pieces of 31 g; the last is 28".
  it "divides a block by weight" do
    words = ->(grams, count) { ElmCup::Piece::Weighing.of(grams, count)&.words }
    expect(words[369.0, 12]).to eq("12 pieces of 31 g; the last is 28 g")
    expect([words[372.0, 12], words[420.0, 24], words[100.0, 3], words[50.0, 12], words[100.0, 1], words[3.0, 10]])
      .to eq(["12 pieces of 31 g", "24 pieces of 17.5 g", "3 pieces of 34 g; the last is 32 g", "12 pieces of 4.2 g; the last is 3.8 g",
        nil, nil])
  end

  it "lies layers on each other in a slab, and a filling in the middle of a ball" do
    layers = dough(0, layers: [["base", "base", 300.0, 1.2], ["caramel", "filling", 200.0, 1.3]])
    slab = shape("slab", grid: [4, 4]).yields_of([layers], whole: layers).first
    expect(slab.layers.map { |layer| [layer.component, layer.mm.round(2), layer.grams.round(2)] })
      .to eq([["base", (300 / 1.2 / 40).round(2), 18.75], ["caramel", (200 / 1.3 / 40).round(2), 12.5]])
    ball = shape("ball", piece_grams: 20).yields_of([layers], whole: layers).first
    core = ball.layers.first
    expect([core.component, Math::PI / 6 * core.mm**3 / 1000]).to match(["caramel", be_within(0.01).of(8 / 1.3)])
    expect(core.mm + 2 * ball.layers.last.mm).to be_within(0.01).of(ball.diameter_mm)
  end

  it "says what is over, and where that is nearly one more" do
    over = ->(grams, **said) { shaped("ball", grams, **said).over_words }
    expect([over[360.0, piece_grams: 18], over[366.2, piece_grams: 18], over[372.0, piece_grams: 18], over[377.5, piece_grams: 18]])
      .to eq([nil, "6.2 g over", "12 g over", "18 g over, nearly one more"])
    expect(over[377.5, pieces: 20]).to be_nil
  end

  it "cuts pieces nearest to squares of a side that is said, as far as the tin is filled" do
    cut = ->(grams, **said) { shaped("slab", grams, **said).then { |made| [made.count, made.cut.grid, made.gives_way] } }
    expect(cut[400.0, side_mm: 50]).to eq([16, [4, 4], "depth_mm"])
    expect(cut[400.0, tin_mm: [200, 300], side_mm: 35, tins: 2]).to eq([108, [6, 9], "depth_mm"])
    count, grid, gives = cut[520.0, side_mm: 40, depth_mm: 20]
    expect([count, grid[1], gives]).to eq([grid[0] * 5, 5, "tin_mm"])
    expect(grid[0]).to be_between(2, 3)
    round = shaped("slab", 400.0, tin_mm: [200], side_mm: 40)
    expect(round.count).to be_within(3).of(Math::PI * 100**2 / 40**2)
  end

  it "presses flavours side by side into one tin, as deep as all of it would be" do
    flavours = [0.4, 0.6].map { |share| {"name" => "with #{share}", "share" => share, "lines" => [{"text" => "1 g salt"}]} }
    pieces = ->(said, **more) {
      document = coated({"kind" => "slab", **said}, coat: {"kind" => "none"}, **more)
      ElmCup::Assessment.of(document, library: ElmCup.shipped).pieces
    }
    [{"piece_grams" => 25}, {"grid" => [5, 4]}, {"pieces" => 20}, {"piece_grams" => 25, "tins" => 2}, {"side_mm" => 50},
      {"side_mm" => 40, "depth_mm" => 5}].each do |said|
      flavoured = pieces[said, splits: flavours]
      whole = pieces[said].together
      expect([said, flavoured.together.count, flavoured.together.notes]).to eq([said, whole.count, []])
      depth = flavoured.yields.sum { |each| each.count * each.height_mm } / whole.count
      expect(depth).to be_within(0.01 * whole.height_mm).of(whole.height_mm)
    end
  end

  it "divides a number among flavours by their mass, and shapes none of nothing" do
    parts = [dough(300.0), dough(100.0), dough(0.0)]
    made = shape("cookie", pieces: 24).yields_of(parts, whole: dough(400.0))
    expect(made.map(&:count)).to eq([18, 6, 0])
    tin = shape("slab", grid: [6, 4]).yields_of(parts.first(2), whole: dough(400.0))
    expect(tin.map { |each|
      [each.count, each.piece_grams.round(3), each.body.mm.last.round(2)]
    }.transpose.map(&:uniq)).to match([[18, 6], [16.667], [be_a(Float)]])
  end

  it "leaves a shell its room in cups and moulds" do
    inset = ElmCup::Piece::Inset.new(bottom_mm: 2.5, wall_mm: 2.0, top_mm: 2.5)
    bare, filled = [ElmCup::Piece::Inset::NONE, inset].map { |each| shaped("cup", 412.0, inset: each, diameter_mm: 32, depth_mm: 20) }
    expect([bare.piece_ml,
      filled.piece_ml]).to match([be_within(0.01).of(Math::PI * 256 * 20 / 1000), be_within(0.01).of(Math::PI * 196 * 15 / 1000)])
    expect(shaped("mould", 412.0, inset: inset, cavity_ml: 12).piece_ml).to be < 12 * 0.75
    full = shaped("cup", 412.0, pieces: 12)
    expect([full.over_grams.positive?, full.notes.first]).to match([true, /\A12 cups hold \d+ g; \d+ would take all of it\.\z/])
  end

  it "says that a case more would be filled only where there is something to fill it with" do
    {"cup" => {}, "mould" => {cavity_ml: 12}}.each do |kind, said|
      most = shaped(kind, 412.0, pieces: 1, **said).piece_grams
      notes = [0.2, 0.3].map { |more| shaped(kind, most * (12 + more), pieces: 12, **said).notes }
      expect(notes).to match([[], [/\b12\b.*; 13 would take all of it\.\z/]])
    end
  end

  it "cuts the largest tin by the smallest side into no more pieces than can be said, square or round, and refuses a smaller one" do
    counts = [[1000, 1000], [1000]].map { |tin| shaped("slab", 8000.0, tin_mm: tin, side_mm: 10).count }
    expect(counts).to match([10_000, be_within(60).of(Math::PI * 2500)])
    expect(ElmCup::Piece::Shape.faults({"kind" => "slab", "side_mm" => 9}, "/shape").map { |fault| [fault.pointer, fault.message] })
      .to match([["/shape/side_mm", /10/]])
  end

  it "says the side of what is square" do
    side = ->(**said) { shaped("slab", 400.0, tin_mm: [200, 200], **said).side_mm }
    expect([side[side_mm: 40], side[grid: [5, 4]], side[grid: [8, 7]], side[tin_mm: [200], pieces: 8]])
      .to match([40, nil, be_within(0.01).of(26.79), nil])
  end

  it "makes a batch twice as large twice as many pieces, or twice as many tins" do
    twice = ->(kind, **said) { shape(kind, **said).scaled(2r).said }
    expect(twice["ball", pieces: 12]).to eq("kind" => "ball", "pieces" => 24)
    expect(twice["ball", piece_grams: 18]).to eq("kind" => "ball", "piece_grams" => 18)
    expect(twice["slab", grid: [6, 4]]).to eq("kind" => "slab", "grid" => [6, 4], "tins" => 2)
    expect(shape("slab", grid: [6, 4]).scaled(3r / 2).said).to eq("kind" => "slab", "pieces" => 36)
    expect(twice["glass", ml: 60]).to eq("kind" => "glass", "ml" => 60)
  end

  it "patches one shape into another, keys that go among it" do
    from, to = shape("ball", piece_grams: 18), shape("ball", pieces: 12)
    patched = ElmCup::Document::Patch.apply({"shape" => from.said}, to.patch(from))
    expect(patched["shape"]).to eq(to.said)
  end

  it "refuses what cannot be, with the nearest that can" do
    refused = ->(said) { described_class.faults(said.transform_keys(&:to_s), "/shape").map { |fault| [fault.pointer, fault.message] } }
    expect(refused[{kind: "ball", piece_grams: 10, pieces: 3}]).to match([["/shape", /Give one of piece_grams/]])
    expect(refused[{kind: "ball", pieces: 0}]).to match([["/shape/pieces", /0 is too little; 1 is the least/]])
    expect(refused[{kind: "slab", pieces: 10_000}]).to match([["/shape/pieces", /2.0 mm wide.*; 2500 is the most for this tin/]])
    expect(refused[{kind: "slab", grid: [100, 2]}]).to match([["/shape/grid", /2.0 mm wide/]])
    expect(refused[{kind: "slab", trim_mm: 98}]).to match([["/shape/trim_mm", /leaves nothing of this tin; 96 mm is the most/]])
    expect(refused[{kind: "slab",
tin_mm: [5, 5]}]).to match([["/shape/tin_mm/0", /20 is the least/], ["/shape/tin_mm/1", /20 is the least/]])
    expect(refused[{kind: "mould"}]).to match([["/shape", /“cavity_ml” must be given/]])
    expect(refused[{kind: "pyramid"}]).to match([["/shape/kind", /"pyramid" is not possible here; it must be one of ball, bark/]])
    expect(shaped("slab", 20.0, piece_grams: 900).count).to eq(1)
    expect(shaped("mould", 5.0, cavity_ml: 500).count).to eq(0)
    expect(shaped("cup", 300.0, piece_grams: 60).notes).to match([/A cup holds [\d.]+ g of the filling, not 60: it is filled to the edge/])
  end
end
