# frozen_string_literal: true

module ElmCupServer
  # How what a cook types is found: small letters, no accents, single blanks.
  module SearchText
    # "Crème  BRÛLÉE" => "creme brulee"
    def self.of(*texts)
      texts.compact.join(" ").unicode_normalize(:nfkd).gsub(/\p{Mn}/, "").downcase.split.join(" ")
    end

    # What a list is sorted by: numbers by what they count, so that 9 stands before 10.
    def self.sorted(text) = of(text).gsub(/\d{1,12}/) { |digits| digits.rjust(12, "0") }

    # The words of what was asked, each as it stands in a text.
    def self.words(asked) = of(asked).split.uniq
  end
end
