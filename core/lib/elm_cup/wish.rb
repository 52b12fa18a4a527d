# frozen_string_literal: true

module ElmCup
  # What the cook wants of a formula: "texture=rolls", "dough.texture=rolls", "free_sugars<=3", "diet=vegan", "lock:tahini",
  # "without:peanut", and the words that people say for them. One class a kind of wish (see Wish::Kind).
  module Wish
    # So many of one formula.
    MOST = 24
    # Characters of one.
    LONGEST = 160

    # The wish of a text as it is kept. Unreadable, with the mend, where it is none.
    def self.read(text) = Parser.read(text)
  end
end
