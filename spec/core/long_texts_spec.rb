# frozen_string_literal: true

# Texts that no cook pastes: what takes long must take so because there is much of it, not because it is gone over again and again.
RSpec.describe "A long text through the doors" do
  units = ["a", "a ", " ", "\u00A0", "\u200B", "1", "1 ", "1/", "½", "-", "(", "( ", "[", "[x] ", "|", "| ", "\n", "a:\n", "For the a:\n",
    "1 cup oats ", "1 cup oats, ", "<", "<script", "<script type=application/ld+json", "<script type=\"application/ld+json\">", "<a ",
    "&", "&#x", "* ", "1. ", "1,", "1 000", "ingredients ", "ingredients makes 1", "=HYPERLINK(", "\r\n", "e\u0301", "{", "[{",
    "and ", "half a "]
  short, long = 5_000, 20_000
  # Four times as much may take four times as long, and as much again for the noise of the machine; going over it twice would take sixteen.
  most = 9.0
  # What is done in less says nothing about how it grows.
  least_seconds = 0.1

  # Of the processor, so that what else the machine does is not counted.
  spent = -> { Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) }
  seconds = ->(text, &ask) {
    begun = spent.call
    begin
      ask.call(text)
    rescue ElmCup::Error
      nil
    end
    spent.call - begun
  }
  of = ->(unit, bytes) { (unit * (bytes / unit.bytesize + 1)).byteslice(0, bytes).scrub("") }
  doors = {
    "an import" => ->(text) { ElmCup.import(text) },
    "an import that begins well" => ->(text) { ElmCup.import("Ingredients:\n#{text}\n1 cup oats\ningredients") },
    "JSON-LD" => ->(text) {
      recipe = {"@type" => "Recipe", "name" => "x", "recipeIngredient" => [text], "recipeInstructions" => text}
      ElmCup.import(JSON.generate(recipe))
    },
    "a typed line" => ->(text) { ElmCup.read_line(text) },
    "a conversion" => ->(text) { ElmCup.convert(text) },
    "a wish" => ->(text) { ElmCup.wish(nil, text) },
    "a pantry CSV" => ->(text) { ElmCup.read_pantry_csv("id,name\n#{text}") }
  }

  before(:all) { ElmCup.shipped }

  doors.each do |door, ask|
    it "grows with its length alone: #{door}" do
      worst = units.filter_map do |unit|
        next if seconds.call(of[unit, long], &ask) < least_seconds

        # The best of three: what the machine does beside only makes it longer.
        few, many = [short, long].map { |bytes| Array.new(3) { seconds.call(of[unit, bytes], &ask) }.min }
        [unit, (many / few).round(1)]
      end
      expect(worst.select { |_, times| times > most }).to eq([])
    end
  end
end
