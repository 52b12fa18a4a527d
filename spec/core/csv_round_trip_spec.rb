# frozen_string_literal: true

require "spec_helper"

# CSV that goes out comes back the same, and no spreadsheet runs any of it.
RSpec.describe "CSV, out and back" do
  # Names as somebody or something might have written them.
  let(:names) do
    ["a|b", "a\\", "\\|", "x|", "a;b", "a,b", "a\"b", " leading", "trailing ", "'tis", "''", "'=x", "-5", "a\\nb", "\u00a0wide",
      "Élan 🍫", "|"]
  end
  # What a spreadsheet takes for a formula: the signs, their full-width forms, other dashes, behind blanks and what nobody sees. The list of
  # signs: OWASP, "CSV Injection".
  let(:formulas) do
    signs = ["=", "+", "-", "@", "\uff1d", "\uff0b", "\uff0d", "\uff20", "\u2212", "\u2013", "%", "|"]
    ["", " ", "\u00a0", "\u200b", "\ufeff", "\u3000", "\t"].product(signs).map { |before, sign| "#{before}#{sign}HYPERLINK(\"x\")" }
  end
  let(:rows) do
    [*names, *formulas].each_with_index.map do |name, at|
      {"id" => "own-#{at}", "name" => name, "starts_from" => "tahini", "names" => [name, "other #{name}", "#{name}|#{name}"],
       "price" => 5.5, "pack_grams" => 500, "grams_each" => 7,
       "ingredients" => "#{name}\nsesame; salt (1 %)", "label" => {"basis" => "100g", "kcal" => 610, "fat_g" => 54.2}}
    end
  end

  it "gives every name, list and figure again, with any line ends between rows" do
    text = ElmCup::Pantry::Csv.write(rows)
    expect(ElmCup::Pantry::Csv.read(text)).to eq(rows)
    expect(ElmCup::Pantry::Csv.read("\uFEFF#{text}")).to eq(rows)
    lines = CSV.parse(text)
    semicolons = CSV.generate(col_sep: ";", row_sep: "\r\n") { |csv| lines.each { |line| csv << line } }
    expect(ElmCup::Pantry::Csv.read(semicolons)).to eq(rows)
  end

  it "writes no cell that a spreadsheet would run, of ingredients or of a formula's lines" do
    run = /\A[\p{Z}\p{C}]*[=+\-@|%\uff1d\uff0b\uff0d\uff20\u2212\u2013]/
    text = CSV.parse(ElmCup::Pantry::Csv.write(rows)).drop(1).flatten.compact.reject { |cell| cell.match?(/\A[\d.]+\z/) }
    expect(text.grep(run)).to eq([])
    lines = formulas.map { |name| {"text" => name} }
    document = {"elm_cup" => "formula/1", "name" => "=1", "components" => [{"name" => "\uff1ddough", "lines" => lines}]}
    cells = CSV.parse(ElmCup.export(document, "csv")).flatten.compact
    expect(cells).to include("'\uff1ddough")
    expect(cells.grep(run)).to eq([])
  end

  it "takes blanks around a cell for a typist's, and reads tables of before names were escaped" do
    typed = "id ; name ; names\n own-1 ; House paste ; paste | the pale one \n"
    expect(ElmCup::Pantry::Csv.read(typed)).to eq([{"id" => "own-1", "name" => "House paste", "names" => ["paste", "the pale one"]}])
    expect(ElmCup::Pantry::Csv.read("id,names\nown-1,C:\\butter|b\n")).to eq([{"id" => "own-1", "names" => ["C:\\butter", "b"]}])
  end

  it "names the row of a character that is no text" do
    expect { ElmCup::Pantry::Csv.read("id,name\nhoney,Honey\nown-1,a\u0000b\n") }
      .to raise_error(ElmCup::InvalidDocument, /row 3: .*U\+0000/)
  end
end
