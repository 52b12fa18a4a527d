# frozen_string_literal: true

module ElmCup
  class Assessment
    # One component, or what is folded into or strewn on a flavour, with its lines read, mixed and judged.
    class Part
      extend Forwardable

      def_delegators :@said, :name, :type, :process, :lines_at, :opening

      # want: the texture it is aimed at, nil where it is not judged; lines: its own Ingredient::Lines; takings: Takings of other
      # components; contents: all Lines in it; bowl: Mixture::Bowl of them
      attr_reader :want, :lines, :takings, :contents, :bowl, :resolver, :measures, :library

      # The Part of a Document::Part that takes of no other: kept, so that a change of one part judges one part. What a Part reckons late
      # it reckons from itself alone, so that two threads that share one come to the same.
      def self.kept(said, formula, library)
        return new(said, formula, library) if said.lines.sum { |line| line.text.to_s.length } > MOST_KEPT_CHARACTERS

        library.parts.fetch([said.key_of_content, formula.want(said), formula.kitchen.mixing]) { new(said, formula, library) }
      end

      MOST_KEPT_CHARACTERS = 4_000

      # said: Document::Part; formula: Document::Formula it stands in; takings: of the components it takes a share of.
      def initialize(said, formula, library, takings: [])
        @said = said
        @kitchen = formula.kitchen
        @library = library
        @takings = takings
        @measures = formula.kitchen.measures
        @resolver = Ingredient::LineResolver.new(process: said.process, standard: @kitchen.cup, library: library)
        @lines = said.lines.map { |line| read(line) }
        @contents = @lines + Ingredient::Line.summed(takings.flat_map { |taking| taking.lines(said.process) })
        @bowl = Mixture::Bowl.new(@contents)
        @want = formula.want(said)
      end

      # Short, so that an error that names it stays readable.
      def inspect = "#<#{self.class} #{name.inspect}>"

      # Exact grams of what was mixed, as far as it is read.
      def grams = @grams ||= contents.select(&:read?).sum(Rational(0)) { |line| Rational(line.grams) }

      # What a share of it brings to the pieces, a Piece::Layer; poured: it is left to settle by itself.
      def layer(share, poured:) = Piece::Layer.new(component: name, type: type.id, grams: bowl.grams * share,
        millilitres: bowl.empty? ? 0.0 : bowl.grams * share / density(poured))

      # g/mL, with the air that it holds.
      def density(poured) = (@densities ||= {})[poured] ||= Mixture::Density.of(bowl, air: Mixture::Air.of(bowl, poured: poured))

      # It goes into what is shaped to pieces.
      def in_piece? = type.in_piece?

      # A line is not read, here or in what it takes of.
      def flagged? = !bowl.complete? || !takings.all?(&:known?)

      # LeftOuts: what it is judged without.
      def left_out
        @left_out ||= if flagged?
          own = lines.each_with_index.reject { |line, _| line.read? }.map { |line, at|
            LeftOut.new(number: at + 1, text: line.text, words: "line #{at + 1}", message: line.message, grams: line.grams&.to_f)
          }
          waiting = takings.reject(&:known?).map { |taking|
            LeftOut.new(words: "its share of #{taking.take.component}", message: taking.message)
          }
          unread = takings.select { |taking| taking.known? && taking.source.flagged? }.map { |taking|
            LeftOut.new(words: "a line of #{taking.source.name}", message: "#{taking.source.name} has a line that is not read")
          }
          (own + waiting + unread).freeze
        else
          NOTHING_LEFT_OUT
        end
      end

      NOTHING_LEFT_OUT = [].freeze
      # Share of a part that something weighs whose weight is not known. Source: docs/model.md, Lines left out.
      UNKNOWN_SHARE = 0.05

      # Nothing was put into it, read or not.
      def empty? = contents.empty? && takings.all?(&:known?)

      # Binding::Verdict on what is read; nil when nothing is, or where it is not judged.
      def verdict
        return @verdict if defined?(@verdict)

        @verdict = (Binding::Verdict.new(mix, left_out_grams: left_out_grams) if mix && want)
      end

      # Binding::Mix of what is read, nil when nothing is.
      def mix
        return @mix if defined?(@mix)

        @mix = (Binding::Mix.new(bowl.lines, process: process, room_c: @kitchen.room_c, library: library) unless bowl.empty?)
      end

      # The texture id it has, nil where it has none.
      def texture = verdict&.saturation&.texture

      # Its texture can be wished for and told: something dry, and something that binds.
      def estimable? = !verdict.nil? && verdict.estimable?

      # The Binding::Portion of the line at an index of `contents`; nil without a mix, and where it is not read.
      def portion(index)
        return unless mix && contents[index]&.read?

        mix.portions.at(bowl.complete? ? index : contents.first(index).count(&:read?))
      end

      # Binding::Rescue for the wanted texture, nil without a verdict.
      def rescue_from
        @rescue_from ||= verdict && Binding::Rescue.new(mix, want: want, measures: measures, lines_at: lines_at, opening: opening,
          resolver: resolver, library: library) { verdict.uncertainty.scale }
      end

      # [Ingredient::Line, its index] of every line of its own that is read.
      def read_lines = @read_lines ||= lines.each_with_index.select { |line, _| line.read? }

      # JSON Pointers of Lines of its own, all of them where none are named.
      def pointers(some = lines)
        lines.each_with_index.select { |line, _| some.any? { |each| each.equal?(line) } }.map { |_, at| "#{lines_at}/#{at}" }
      end

      # What is made of this part alone, such as its words for a door: kept with it, under a name.
      def kept_with(name) = (@kept_with ||= {})[name] ||= yield.freeze

      # What SecondLook's rules look at; nil while it is empty.
      def table
        return if bowl.empty?

        @table ||= SecondLook::Table.new(name: name, lines_at: lines_at, opening: opening, type: type, process: process, lines: lines,
          read_lines: read_lines, bowl: bowl, mix: mix, measures: measures, resolver: resolver, library: library)
      end

      # One sentence that a cook can act on.
      def sentence
        return "There is nothing in it yet." if empty?
        return left_out.empty? ? "There is nothing in it yet." : "It is judged once #{LeftOut.words(left_out)} can be read." if bowl.empty?
        return "A #{type.id} is not judged as a dough." unless want

        said = Binding::Sentence.new(verdict, want: want, rescue_from: rescue_from).to_s
        left_out.empty? ? said : "Without #{LeftOut.words(left_out)}: #{said[0].downcase}#{said[1..]}"
      end

      private

      def read(line)
        line.text ? resolver.resolve(line.text, chosen: line.ingredient) : resolver.weighed(line.ingredient, line.grams)
      end

      # What is left out weighs what it says, else a twentieth of the part.
      def left_out_grams = left_out.sum(0.0) { |each| each.grams || UNKNOWN_SHARE * bowl.grams }
    end
  end
end
