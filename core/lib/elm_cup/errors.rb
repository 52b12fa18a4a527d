# frozen_string_literal: true

module ElmCup
  # What the core refuses. `message` is one sentence for a person; `pointer` (RFC 6901) names the place in the document.
  class Error < StandardError
    attr_reader :pointer

    def initialize(message, pointer: "")
      super(message)
      @pointer = pointer
    end
  end

  # The document cannot be taken as it stands. `faults` lists every place, each a Fault.
  class InvalidDocument < Error
    # One place and what is wrong with it.
    Fault = Value.of(:pointer, :message)

    attr_reader :faults

    def initialize(faults)
      @faults = faults
      super(faults.map { |fault| [fault.pointer, fault.message].reject(&:empty?).join(": ") }.join("; "), pointer: faults.first.pointer)
    end
  end

  # A quantity or a name that cannot be converted. Raised by Conversion only; lines of a formula are flagged instead.
  class UnreadableText < Error; end
end
