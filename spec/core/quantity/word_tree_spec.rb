# frozen_string_literal: true

RSpec.describe ElmCup::Quantity::WordTree do
  def behind(words) = "(?:#{words})(?![[:alpha:]])"

  # The reference is Ruby's own union of the words, the longest first.
  it "finds what a plain list of the words finds, of every unit's name and of what is nearly one" do
    names = ElmCup::Quantity::Unit::BY_NAME.keys
    list = names.sort_by { |name| -name.length }.map { |name| Regexp.escape(name).gsub("\\ ", "\\s+") }.join("|")
    tree, plain = [described_class.source(names), list].map { |source| /\A#{behind(source)}/i }
    texts = names.flat_map { |name|
      [name, name.upcase, name.chop, name.sub(" ", "  "), *%w[s 4].map { |more| name + more }, "#{name}. of"]
    }
    found = texts.map { |text| text[tree] }
    expect(found).to eq(texts.map { |text| text[plain] })
    expect(found.count(nil)).to be_between(50, texts.size / 2)
  end

  it "takes the longest that ends there, and parts words where they part" do
    expect(described_class.source(%w[cup cups can])).to eq("c(?:up(?:s)?|an)")
    expect("c. à soupe"[/\A#{described_class.source(["c", "c. à soupe"])}/]).to eq("c. à soupe")
    expect(described_class.source(["a.b"])).to eq("a\\.b")
  end
end
