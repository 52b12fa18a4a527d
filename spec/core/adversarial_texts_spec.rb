# frozen_string_literal: true

require "spec_helper"

# 50 kB of what nobody in earnest sends, in lines as long as they may be, through every door that takes a text or a document. Measured in
# work and not in seconds of one machine: no text may take longer than so many of an ordinary one of the same size.
RSpec.describe "Adversarial texts of 50 kB" do
  bytes = 50_000
  length = ElmCup::Quantity::LineReader::MAX_LENGTH
  units = [" ", "\u00a0", "\u200b", "1", "1 ", "½ ", "½", "( ", "(", ", ", " ,", ": ", "- ", "1–", "x ", "or ", "1,", "1 + ", "1/2 cup + ",
    "and ", "a b c d e f g h ", "almnod buttre ", "coconut ", "for rolling ", "é", "e\u0301", "1,000", "1;", "\\", "'", "%",
    "soaked overnight, "]
  # An ordinary line of the same length; a text may take twenty times as long as one of these, which is less than a second.
  ordinary = "1 1/2 cups old-fashioned rolled oats, ground, plus 2 tbsp for the top; "
  most = 20.0
  before = ["", "1 cup ", "oats, "]

  line = ->(unit, start, n) { "#{start.sub("1", (n % 90 + 1).to_s)}#{unit * length}"[0, length] }
  lines = ->(unit, start, count) { Array.new(count) { |n| line[unit, start, n] } }
  document = ->(texts) {
    parts = texts.each_slice(100).with_index.map { |some, at| {"name" => "part #{at}", "lines" => some.map { |text| {"text" => text} }} }
    {"elm_cup" => "formula/1", "name" => "Adverse", "components" => parts}
  }
  seconds = ->(&ask) {
    begun = Balancing::CLOCK.call
    begin
      ask.call
    rescue ElmCup::Error
      nil
    end
    Balancing::CLOCK.call - begun
  }
  doors = {
    "an assessment" => ->(texts) { ElmCup.assess(document[texts]) },
    "an import" => ->(texts) {
      parts = texts.each_slice(90).map { |some| some.join("\n") }
      ElmCup.import("Ingredients:\n#{parts.join("\n\nFor the top:\n")}")
    },
    "wishes" => ->(texts) { ElmCup.check(document[["1 cup oats"]].merge("wishes" => texts.first(24).map { |text| text[0, 160] })) },
    "lines one by one" => ->(texts) { texts.first(100).each { |text| ElmCup.read_line(text) } },
    "conversions" => ->(texts) {
      texts.first(100).each { |text|
        begin
          ElmCup.convert(text, to: "g")
        rescue
          ElmCup::Error
        end
      }
    },
    "a pack's list" => ->(texts) { ElmCup.label({"id" => "own", "starts_from" => "tahini", "ingredients" => texts.join(" ")[0, 4000]}) },
    "a table" => ->(texts) { ElmCup.read_pantry_csv("id,names,ingredients\n#{texts.map { |text| "own,#{text},#{text}" }.join("\n")}") },
    "JSON" => ->(texts) { ElmCup.read_json(JSON.generate(texts)) }
  }

  before(:all) { ElmCup.shipped.matcher }

  doors.each_with_index do |(door, ask), turn|
    it "take no worker for long: #{door}" do
      count = bytes / length
      usual = Array.new(2) { |turn| seconds.call { ask.call(lines[ordinary, "#{turn + 2} cups oats, ", count]) } }.min
      bar = most * [usual, 0.02].max
      # Each door has each unit behind one of the beginnings; the doors take them in turn.
      slow = units.each_with_index.filter_map do |unit, at|
        start = before[(at + turn) % before.size]
        spent = seconds.call { ask.call(lines[unit, start, count]) }
        # What the machine does beside only makes it longer: measured anew, each time with texts that were not read before.
        3.times { |more| spent = [spent, seconds.call { ask.call(lines[unit, start + " " * (more + 1), count]) }].min if spent > bar }
        [unit, start, (spent / usual).round] if spent > bar
      end
      expect(slow).to eq([])
    end
  end
end
