# frozen_string_literal: true

RSpec.describe ElmCup::Ingredient::Library do
  let(:library) { described_class.default }

  it "holds at least 80 ingredients of every family of the trade" do
    expect(library.all.size).to be >= 80
    expect(library.all.map(&:family).uniq)
      .to include("dates", "dried fruit", "nut butter", "seed butter", "nut", "seed", "oats", "nut flour", "cocoa", "chocolate",
        "coconut", "hard fat", "dairy", "syrup", "sugar", "polyol", "powder", "spice", "salt", "flavour")
    expect(library.all.count { |entry| entry.family == "dates" }).to be >= 4
    expect(library["peanut-butter-no-stir"].composition.sugars).to be > library["peanut-butter"].composition.sugars
  end

  it "gives every one a source, allergens that exist, a weight and a figure for each form it takes" do
    allergens = %w[peanut tree_nut milk egg soy wheat gluten sesame sulphite mustard celery lupin fish crustacean mollusc coconut]
    library.all.each do |entry|
      expect(entry.source.to_s).not_to be_empty
      expect(entry.allergens - allergens).to eq([]), entry.id
      expect(entry.excludes - ElmCup::Mixture::Diets::ALL).to eq([]), entry.id
      %w[hand processor].each { |process| expect(library.binding(entry.id, entry.form_under(process))).not_to be_nil, entry.id }
      expect(library.weights(entry.id)).not_to be_empty, entry.id
      expect(entry.fats.values.sum).to be_within(1e-9).of(1)
    end
  end

  it "has no row of a table that names an unknown ingredient or lacks a source" do
    %w[forms binding].each do |table|
      ElmCup::DataTable.rows(table).each do |row|
        expect(library[row["ingredient"]]).not_to be_nil, "#{table}: #{row["ingredient"]}"
        expect(row["source"].to_s).not_to be_empty
      end
    end
    ids = %w[leads dry_lines rescue_steps].flat_map { |table| ElmCup::DataTable.rows(table) }.flat_map { |row|
      row.values_at("of", "take").join("|").scan(/(?:id|new):([\w-]+)/).flatten
    }
    expect(ids.reject { |id| library[id] }).to eq([])
    ElmCup::DataTable.rows("senses")
      .each { |row| expect([row["usual"], *ElmCup::DataTable.list(row["others"])].map { |id| library[id] }).to all(be_truthy), row["word"] }
    ElmCup::DataTable.rows("kinds").each { |row| expect(library[row["row"]]).not_to be_nil, row["noun"] }
    ElmCup::DataTable.rows("packs").each { |row| expect(library[row["ingredient"]]).not_to be_nil, row["ingredient"] }
  end

  it "has a source on every row of every table" do
    tables = Dir[File.join(ElmCup::DataTable::DIRECTORY, "*.csv")].map { |file| File.basename(file, ".csv") }
    expect(tables.size).to be >= 14
    tables.each { |table| expect(ElmCup::DataTable.rows(table).select { |row| row["source"].to_s.strip.empty? }).to eq([]), table }
  end

  it "has no two rows alike without a reason" do
    alike = library.all.group_by { |entry| [entry.composition.to_a.map { |part| part.round(1) }, entry.fats] }
      .values.select { |same| same.size > 1 }
    alike.each { |same| expect(same.count { |entry| entry.note.to_s.empty? }).to be <= 1, same.map(&:id).join(", ") }
  end

  it "gives no name to two ingredients" do
    names = library.all.flat_map { |entry|
      [entry.name,
        *entry.names].uniq.map { |name| [ElmCup::Ingredient::Naming::NameWords.of(name), entry.id] }
    }.uniq
    shared = names.group_by(&:first).select { |_, uses| uses.map(&:last).uniq.size > 1 }
    expect(shared).to eq({})
  end

  it "refuses a composition that does not sum to about 100 g" do
    parts = ElmCup::Ingredient::Composition::ALL.to_h { |part| [part, 0.0] }
    expect { ElmCup::Ingredient::Composition.per_100g(parts.merge(water: 80.0)) }.to raise_error(RangeError, /sum to 80/)
    expect(ElmCup::Ingredient::Composition.per_100g(parts.merge(water: 96.0)).water).to eq(100.0)
  end

  it "has for no name an allergen that the name itself gives away" do
    meant_otherwise = /coconut\ (?:palm\ )?(?:sugar|nectar|syrup|blossom)|plant|non-dairy|dairy.free|gluten.free|\bgf\b|vegan|
      cream\ of\ coconut|malt\ syrup/ix
    wrong = library.all.flat_map do |entry|
      [entry.name, *entry.names, *entry.assumed_names].grep_v(meant_otherwise).flat_map { |name|
        (ElmCup::Pantry::PackList.new(name).allergens - entry.allergens - entry.possible).map { |allergen| "#{entry.id}: #{name} lacks #{allergen}" }
      }
    end
    expect(wrong).to eq([])
  end
end
