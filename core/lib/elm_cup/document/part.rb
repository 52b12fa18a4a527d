# frozen_string_literal: true

module ElmCup
  module Document
    # One list of lines of a formula: those of a component, those folded into a flavour, or those strewn on one.
    #   pointer  of the component or flavour     key  "lines" or "topping": the list in it
    #   type     PartType     process  "hand" or "processor"     want  the texture aimed at, nil where none was said
    #   lines    Lines        takes    Takes of other components     listed  the document has the list at all
    Part = Value.of(:name, :type, :process, :want, :pointer, :key, :lines, takes: [], listed: true) do
      # A component of a checked document, with the defaults of the product: a dough, mixed by hand.
      def self.component(said, index)
        pointer = "/components/#{index}"
        new(name: said["name"], type: PartType[said["type"]], process: said["process"] || "hand", want: said["want"], pointer: pointer,
          key: "lines",
          lines: lines(said["lines"], "#{pointer}/lines"), takes: (said["takes"] || []).map { |take| Take.from(take) })
      end

      # What is folded into a flavour (key "lines": judged as its base is) or strewn on it ("topping").
      def self.of_flavour(said, index, key, like: nil)
        pointer = "/splits/#{index}"
        new(name: said["name"], type: like&.type || PartType["topping"], process: "hand", want: like&.want, pointer: pointer, key: key,
          lines: lines(said[key] || [], "#{pointer}/#{key}"), listed: said.key?(key))
      end

      def self.lines(said, pointer) = said.each_with_index.map { |line, at| Line.new(pointer: "#{pointer}/#{at}", said: line) }
      private_class_method :lines

      # All that it says, to know another with the same by.
      def key_of_content = [pointer, key, name, type.id, process, want, listed, lines.map(&:said)]

      # Pointer to its list of lines.
      def lines_at = "#{pointer}/#{key}"

      # JSON Patch operations that make the list where the document leaves it out.
      def opening = listed ? [] : [{"op" => "add", "path" => lines_at, "value" => []}]
    end
  end
end
