# frozen_string_literal: true

require "securerandom"

# A household of many years, written straight into the open database: no recipe of it is real.
class ScaleSet
  NOUNS = %w[date oat fig cocoa almond sesame apricot hazelnut ginger coconut].freeze
  SHAPES = %w[bites bars squares truffles fudge cups].freeze
  NUTS = ["almond butter", "tahini", "cashew butter", "peanut butter"].freeze
  TEXTURES = (1..4)
  SLICE = 2_000
  MADE = "2026-06-19T16:02:00Z"

  def self.fill(**sizes) = new(**sizes).fill

  def initialize(formulas: 300, batches: 5_000, additions: 50_000, ingredients: 500, seed: 1)
    @formulas = formulas
    @batches = batches
    @additions = additions
    @ingredients = ingredients
    @random = Random.new(seed)
  end

  def fill
    ElmCupServer::Record.transaction do
      ingredients
      versions = formulas
      batches(versions)
    end
  end

  private

  def ingredients
    rows = Array.new(@ingredients) do |n|
      id = "house-paste-#{n}"
      said = {"id" => id, "name" => "House paste no. #{n}", "starts_from" => "almond-butter", "price" => 2.5, "pack_grams" => 200}
      {key: id, document: JSON.generate(said), created_at: now, updated_at: now}
    end
    insert(ElmCupServer::OwnIngredient, rows)
  end

  # Ids of the versions.
  def formulas
    Array.new(@formulas) { |n| ElmCupServer::Formula.start(document(n)).current_version_id }
  end

  def document(n)
    {"elm_cup" => "formula/1", "name" => "#{NOUNS[n % 10].capitalize} #{SHAPES[n % 6]} #{n}",
     "components" => [{"name" => "dough", "type" => "dough", "process" => "hand", "lines" => [
       {"text" => "#{1 + n % 3} cups rolled oats"}, {"text" => "1/#{2 + n % 3} cup #{NUTS[n % 4]}"}, {"text" => "1/4 cup honey"},
       {"text" => "#{3 + n % 9} soft dates"}
     ]}], "shape" => {"kind" => "ball", "piece_grams" => 18}}
  end

  def batches(versions)
    predicted = JSON.generate(ElmCup.summary(document(0)))
    uuids = Array.new(@batches) { SecureRandom.uuid }
    insert(ElmCupServer::Batch, uuids.each_with_index.map { |uuid, n|
      {uuid: uuid, formula_version_id: versions[n % versions.size], predicted: predicted, created_at: now - 3600 * n}
    })
    ids = ElmCupServer::Batch.where(uuid: uuids).order(:id).pluck(:id, :formula_version_id)
    write_events(ids)
    rows(ids) if ids.any?
  end

  # Like the first, which is made as the server makes it.
  def rows(ids)
    formula_of = ElmCupServer::FormulaVersion.where(id: ids.map(&:last).uniq).pluck(:id, :formula_id).to_h
    uuids = ElmCupServer::Batch.where(id: ids.map(&:first)).pluck(:id, :uuid).to_h
    first = ElmCupServer::BatchRow.made_of(ElmCupServer::Batch.find(ids.first.first))
    insert(ElmCupServer::BatchRow, ids.each_with_index.map { |(id, version), n|
      first.merge(batch_id: id, formula_id: formula_of[version], made_at: now - 3600 * n, search: "#{NOUNS[n % 10]} #{SHAPES[n % 6]} #{n}",
        shown: first[:shown].sub(uuids[ids.first.first], uuids[id]))
    })
  end

  # By one prepared statement: there are many.
  def write_events(ids)
    columns = %w[batch_id key device n at kind data body_digest received_at]
    sql = "INSERT INTO batch_events (#{columns.join(", ")}) VALUES (#{columns.map { "?" }.join(", ")})"
    ElmCupServer::Record.connection.raw_connection.prepare(sql) do |statement|
      ids.each { |id, version| said(id, version).each_with_index { |event, n| statement.execute(id, *event_columns(n, *event)) } }
    end
  end

  def said(id, version)
    [["started", %({"version":#{version},"scale":1})],
      ["weighed", %({"line":"/components/0/lines/0","grams":97.5,"target":95.0,"mode":"set","by":"typed"})],
      *additions, ["looked", %({"texture":#{@random.rand(TEXTURES)}})], ["note", %({"text":"Batch #{id}, as good as the last"})]]
  end

  def additions
    @said_additions ||= Array.new(@additions / [@batches, 1].max) { |n|
      ["addition", %({"text":"#{n + 1} tsp water","ingredient":"water","grams":#{5 * (n + 1)}})]
    }
  end

  def event_columns(n, kind, data) = [SecureRandom.uuid, "tab", n, MADE, kind, data, "scale", MADE]

  def insert(table, rows) = rows.each_slice(SLICE) { |some| table.insert_all!(some) if some.any? }

  def now = @now ||= Time.now
end
