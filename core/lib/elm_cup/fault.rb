# frozen_string_literal: true

module ElmCup
  # One place of what was sent, and what is wrong there.
  #   pointer  JSON Pointer (RFC 6901) to the place, "" for the whole
  #   code     what is wrong, a key of core/data/fault_words.yml: what a program goes by
  #   facts    name => what the words of that code are made with
  Fault = Value.of(:pointer, :code, facts: {}) do
    # A Fault at `pointer`. KeyError for a code that has no words.
    def self.at(pointer, code, **facts) = new(pointer: pointer, code: FaultWords.known(code), facts: facts)

    # One sentence for a person: what is wrong, and the mend.
    def message = FaultWords.say(code, facts)

    # The same at a place below `pointer`.
    def below(pointer) = with(pointer: "#{pointer}#{self.pointer}")
  end
end
