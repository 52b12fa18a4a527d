# frozen_string_literal: true

module ElmCup
  module Assessment
    # A share of a base with pieces of its own folded in by hand and a topping strewn on.
    class Flavour
      attr_reader :split, :base, :folded, :topping, :at

      # split: Document::Split; at: its place in the list; read: ReadFormula whose components are read.
      def initialize(split, at, read)
        @split = split
        @at = at
        @base = read.base_of(split)
        take = Document::Take.new(component: base.name, share: split.share)
        taken = Taken.new(take: take, source: base, at: "/splits/#{at}/share", fraction: split.share * read.left(base))
        @folded = component("hand", split.lines, "lines", read, base.component, [taken])
        @topping = component("hand", split.topping, "topping", read, nil, [])
      end

      # The name in the document.
      def name = split.name

      # Everything in it, the topping too.
      def contents = folded.contents + topping.contents

      # A line of it is not read, or one of its base.
      def flagged? = folded.flagged? || topping.flagged?

      private

      def component(process, lines, key, read, like, taken)
        part = Document::Component.new(name: name, type: like&.type || "topping", process: process, want: like&.want, lines: lines || [])
        pointer = "/splits/#{at}/#{key}"
        ReadComponent.new(part, pointer, read.formula, read.library, taken: taken, opening: lines ? [] : [{"op" => "add", "path" => pointer, "value" => []}])
      end
    end
  end
end
