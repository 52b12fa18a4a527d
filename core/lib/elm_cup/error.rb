# frozen_string_literal: true

module ElmCup
  # What the core refuses. `faults` lists every place at fault, each a Fault; `message` is all of them for a person.
  class Error < StandardError
    attr_reader :faults

    def initialize(faults)
      @faults = faults
      super(faults.map { |fault| [fault.pointer, fault.message].reject(&:empty?).join(": ") }.join("; "))
    end

    # Raises this error of one Fault.
    def self.refuse(pointer, code, **facts) = raise(new([Fault.at(pointer, code, **facts)]))
  end
end
