# frozen_string_literal: true

module ElmCup
  module Method
    # What is done to the ingredients of a part before it is mixed: lines by the kind of step that they ask for.
    class Preparations
      # A step that some lines of a part ask for: the Row, what it is done to, what its minutes are counted by, pointers of the lines,
      # minutes that one of them says.
      Asked = Value.of(:row, :what, :count, :lines, minutes: nil)
      # A processor grinds while it is at most so full. Source: common practice.
      LOAD = Rational(6, 10)
      # Grams of whole nuts or oats in a millilitre of a bowl. Source: estimate, between oats (.4) and nuts (.55).
      GRAMS_PER_ML = 0.45
      GROUND = %w[nut seed oats crumb].freeze
      FATS = %w[fat oil butter].freeze

      # part: Assessment::Part; processor_ml: of the whole bowl.
      def initialize(part, processor_ml)
        @part = part
        @lines = part.lines.select(&:read?)
        @processor_ml = processor_ml
      end

      # Askeds, in the order that they are done in.
      def all = [soak, blanch, toast, grind, melt].compact

      # Something of it comes out of the oven.
      def toasted? = done("toasted").any?

      # Melted chocolate is most of it, so that it is melted rather than mixed.
      def molten?
        return @molten if defined?(@molten)

        @molten = @part.grams.positive? && chocolate.sum(&:grams) + molten_fat.sum(&:grams) >= @part.grams / 2
      end

      # Grams of what is melted, and the words for it.
      def molten_grams = (chocolate + molten_fat).sum(&:grams)

      # There is more in it than what is melted.
      def stirred_in? = @lines.any? { |line| !(chocolate + molten_fat).include?(line) }

      # Words for all that is melted.
      def molten_words = words(chocolate.any? ? chocolate : molten_fat)

      private

      def done(verb) = @lines.select { |line| line.prepared&.verbs&.include?(verb) }

      def asked(step, lines, count = 1, minutes: nil)
        return if lines.empty?

        Asked.new(row: Row.all.fetch(step), what: words(lines), count: count, lines: @part.pointers(lines), minutes: minutes)
      end

      def words(lines) = Words.of(lines)

      def soak = asked("soak", done("soaked"), minutes: done("soaked").filter_map { |line| line.prepared.minutes }.max)

      def toast = asked("toast", done("toasted"))

      def blanch = asked("blanch", done("blanched"), done("blanched").sum { |line| line.base_grams.to_f } / 100)

      # What goes into a processor is ground there.
      def grind
        return if @part.process == "processor"

        lines = @lines.select { |line| line.form_named && line.form == "ground" && GROUND.include?(line.entry.family) }
        loads = lines.sum { |line| line.grams.to_f } / GRAMS_PER_ML / (LOAD * @processor_ml)
        asked("grind", lines, loads.ceil.to_i)
      end

      # Chocolate that goes into a part is melted for it; so is a fat that says so.
      def melt
        return if molten?
        return asked("melt", chocolate, chocolate.sum { |line| line.grams.to_f } / 100) if chocolate.any?

        asked("melt_fat", molten_fat)
      end

      def chocolate = @chocolate ||= @lines.select { |line| line.entry.family == "chocolate" && (line.melted || pourable?) }

      def molten_fat = @molten_fat ||= @lines.select { |line| line.melted && line.entry.family != "chocolate" }

      # Chips that nobody says to melt are folded in, but for what is poured.
      def pourable? = @part.type.id == "coating" || @part.want == "pours"
    end
  end
end
