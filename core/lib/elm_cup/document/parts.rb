# frozen_string_literal: true

module ElmCup
  module Document
    # The one walk over a formula document: every list of lines in it, components in their order, then the flavours.
    class Parts
      # Parts that are components; Splits.
      attr_reader :components, :splits

      # document: a Hash that its schema takes.
      def initialize(document)
        @components = document["components"].each_with_index.map { |said, index| Part.component(said, index) }.freeze
        @splits = (document["splits"] || []).each_with_index.map { |said, index| split(said, index) }.freeze
        freeze
      end

      # Every Part: components, then what is folded into each flavour and what is strewn on it.
      def all = components + splits.flat_map { |each| [each.folded, each.topping] }

      # Every Line of all of them.
      def lines = all.flat_map(&:lines)

      # The component that stands for the whole: it is divided into flavours, and a list shows it. nil where there is none.
      # components: anything with a `type` that is a PartType.
      def self.leading(components) = components.min_by.with_index { |part, index| [part.type.order, index] }

      # The name of the one among components of a document (Hashes with name and type); nil where there are none.
      def self.leading_name(components)
        components.min_by.with_index { |part, index| [PartType[part["type"]].order, index] }&.fetch("name")
      end

      # A copy of the document (Hash) with each line's Hash replaced by what the block gives for it; nil takes the line out.
      def self.map_lines(document)
        lists = ->(part, keys) {
          part.merge(keys.select { |key| part[key] }.to_h { |key|
            [key, part[key].filter_map { |line|
              yield line
            }]
          })
        }
        copy = document.merge("components" => document["components"].map { |part| lists.call(part, %w[lines]) })
        document["splits"] ? copy.merge("splits" => document["splits"].map { |part| lists.call(part, %w[lines topping]) }) : copy
      end

      private

      def split(said, index)
        base = components.find { |part| part.name == said["component"] } || self.class.leading(components)
        Split.new(name: said["name"], share: Rational(said["share"].to_s), base: components.index(base), pointer: "/splits/#{index}",
          folded: Part.of_flavour(said, index, "lines", like: base), topping: Part.of_flavour(said, index, "topping"))
      end
    end
  end
end
