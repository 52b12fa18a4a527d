# frozen_string_literal: true

module ElmCup
  module Proposal
    # A formula document opened to be changed: every line of it is read, and there is something in it. Its own wishes stand aside.
    #   document  the Hash without its wishes     read  Assessment::ReadFormula     answer  the assessment as a Hash     wished  Assessment::Wished of it
    Opened = Value.of(:document, :read, :answer, :wished, :library) do
      # InvalidDocument where it cannot be taken, names a line that must be mended, or is empty.
      def self.of(document, library)
        Document::Schema.check(document)
        plain = document.except("wishes")
        read = Assessment::ReadFormula.new(Document::Formula.from(plain), library)
        answer = Assessment::FormulaAnswer.new(read).to_h
        faults = faults(answer)
        raise InvalidDocument.new(faults) if faults.any?

        new(document: plain, read: read, answer: answer, wished: Assessment::Wished.new(answer, library), library: library)
      end

      def self.faults(answer)
        flagged = Assessment.flagged(answer).map do |each|
          InvalidDocument::Fault.new(pointer: each["pointer"], message: "“#{each["text"]}” must be mended first: #{each["message"]}")
        end
        return flagged if flagged.any? || answer["grams"].to_f.positive?

        [InvalidDocument::Fault.new(pointer: "/components", message: "There is nothing in it yet")]
      end
      private_class_method :faults

      # Wishes that hold every judged part, flavours too, to the texture that the block gives for it.
      def part_wishes
        parts = (answer["components"] + (answer["splits"] || [])).select { |part| part["want"] && part["saturation"] }
        parts.uniq { |part| part["name"] }.map { |part| Balance::Wish.read("#{part["name"]}.texture=#{yield part}") }
      end

      # Every line of it, as the assessment has it; toppings too.
      def lines = (answer["components"] + (answer["splits"] || [])).flat_map { |part| part["lines"] + (part["topping"] || []) }
    end
  end
end
