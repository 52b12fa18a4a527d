# frozen_string_literal: true

# The page description that comes out is read back: its lines, in points, are where the knife goes in millimetres.
RSpec.describe ElmCup::Exchange::CutTemplate do
  def slab(**shape) = formula("600 g soft dates, to paste", "200 g almonds", shape: {"kind" => "slab", **shape.transform_keys(&:to_s)})

  def template(document) = described_class.new(ElmCup::Assessment.of(document, library: ElmCup.shipped))

  # [[x1, y1, x2, y2] in mm from the top left of the sheet's frame, …] of every line of every page.
  def lines(pdf)
    pdf.scan(/stream\n(.*?)endstream/m).map do |(page)|
      page.scan(/([\d.]+) ([\d.]+) m\n([\d.]+) ([\d.]+) l\n/).map { |numbers|
        x1, y1, x2, y2 = numbers.map { |number| number.to_f * 25.4 / 72 }
        [x1 - 10, 287 - y1, x2 - 10, 287 - y2].map { |mm| mm.round(1) }
      }
    end
  end

  it "draws each cut where it is, and a bar of 50 mm" do
    found = lines(template(slab(tin_mm: [180, 240], grid: [3, 4], trim_mm: 6)).to_pdf)
    expect(found.size).to eq(1)
    upright = found.first.select { |x1, y1, x2, y2| x1 == x2 && (y2 - y1).abs > 200 }
    expect(upright.map(&:first)).to eq([6, 62, 118, 174])
    level = found.first.select { |x1, y1, x2, y2| y1 == y2 && (x2 - x1).abs == 168 }
    expect(level.map { |line| line[1] }).to eq([6, 63, 120, 177, 234])
    expect(found.first).to include([0, be_within(0.1).of(273), 50, be_within(0.1).of(273)])
  end

  it "takes as many sheets as it needs, each with a part of the same tin" do
    expect(template(slab(tin_mm: [200, 300], grid: [4, 6])).sheets).to eq([[0, 0], [190, 0], [0, 262], [190, 262]])
    second = lines(template(slab(tin_mm: [180, 300], grid: [3, 6])).to_pdf)[1]
    expect(second.select { |x1, _, x2, _| x1 == 0 && x2 == 180 }.map { |line| line[1] }).to include(38)
    expect(template(slab(tin_mm: [230], pieces: 16)).sheets.size).to eq(2)
  end

  it "writes names that the fonts of a reader have no letter for, and refuses what is not cut" do
    expect(template(slab(tin_mm: [180], pieces: 8).merge("name" => "Дατελ × 椰子")).to_pdf).to start_with("%PDF-")
    expect { template(formula("200 g soft dates, to paste")) }.to raise_error(ElmCup::InvalidDocument, /Nothing is cut here/)
  end
end
