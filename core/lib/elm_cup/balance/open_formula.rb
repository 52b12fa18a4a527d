# frozen_string_literal: true

module ElmCup
  module Balance
    # A formula document opened to be changed: every line of it is read, and there is something in it. Its own wishes stand aside.
    #   document  the Hash without its wishes     assessment  of that
    OpenFormula = Value.of(:document, :assessment, :library) do
      # InvalidDocument where it cannot be taken, names a line that must be mended, or is empty.
      def self.of(document, library)
        Document::Schema.check(document)
        plain = document.except("wishes")
        assessment = Assessment.of(plain, library: library)
        faults = faults(assessment)
        raise InvalidDocument.new(faults) if faults.any?

        new(document: plain, assessment: assessment, library: library)
      end

      def self.faults(assessment)
        assessment.grams.positive? ? [] : [Fault.at("/components", :nothing_in_it)]
      end
      private_class_method :faults

      # Wishes that hold every judged part, flavours too, to the textures that the block gives for it: "rolls", "presses..rolls".
      def part_wishes
        parts = assessment.judged_parts.select { |part| part.want && part.estimable? }
        parts.uniq(&:name).map { |part| Wish.read("#{part.name}.texture=#{yield part}") }
      end

      # Every Ingredient::Line of it; toppings too.
      def lines = assessment.read_lines.map { |_, line, _| line }
    end
  end
end
