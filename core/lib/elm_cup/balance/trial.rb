# frozen_string_literal: true

module ElmCup
  module Balance
    # A formula for one or two pieces, in amounts that a scale, drops and pinches can measure.
    class Trial
      MOST_PIECES = 6
      # Steps of a kitchen scale, in grams.
      SCALES = [Rational(1, 10), 1].freeze
      # Off by more than this, in per cent, it says so.
      FAR = 15
      PIECE_GRAMS = Piece::Shape::USUAL_GRAMS
      MOST_NAME = 100
      # One line of it: component, the line as it is in the bowl, what to measure, ingredient id, grams measured and wanted (exact), and
      # whether it is so little that it is left to the eye.
      Line = Value.of(:component, :was, :text, :ingredient, :grams, :wanted, left_out: false) do
        # Per cent that it is off what is wanted; nil where it is left out.
        def error_pct = left_out ? nil : (100 * (grams / wanted - 1)).to_f.round(1)
      end

      # pieces: how many; scale: grams that the scale shows; before: Assessment of the formula
      attr_reader :pieces, :scale, :before

      # pieces: 1 to MOST_PIECES; scale: grams that the scale shows, .1 or 1.
      def initialize(document, pieces:, scale:, library:)
        open = OpenFormula.of(document, library)
        @said = open.document
        @before = open.assessment
        @library = library
        InvalidDocument.refuse("/pieces", :trial_pieces, most: MOST_PIECES) unless pieces.is_a?(Integer) && pieces.between?(1, MOST_PIECES)
        @pieces = pieces
        @scale = SCALES.find { |each| each == Rational(scale.to_s) } or InvalidDocument.refuse("/scale", :trial_scale)
        @measured = {}
      end

      # Grams of a piece, exact.
      def piece_grams = together ? Rational(together.piece_grams.round(2).to_s) : Rational(PIECE_GRAMS)

      # Share of the bowl that the trial is; what is shaped decides. Exact.
      def factor = [pieces * piece_grams / shaped, 1].min

      # The formula document of it.
      def document
        @document ||= begin
          parts = @said["components"].each_with_index.map { |said, at|
            said.merge("lines" => lines_of(before.components[at], said["lines"]), **takes(said, at))
          }
          @said.merge("name" => "#{@said["name"][0, MOST_NAME]} (trial)", "components" => parts, "shape" => shape).except("splits")
        end
      end

      # The Assessment of that.
      def after = @after ||= Assessment.of(document, library: @library)

      # Lines, those without an amount aside.
      def lines
        @lines ||= before.components.each_with_index.flat_map do |part, at|
          part.read_lines.reject { |line, _| line.grams.zero? }
            .map { |line, number| line(part, line, number, @said["components"][at]["lines"][number]) }
        end
      end

      # The Binding::Why::Step of the share.
      def share_step
        Binding::Why::Step.new(
          figure: "share", value: factor, formula: "min(pieces * piece / rolled, 1)",
          inputs: {"pieces" => pieces, "piece" => piece_grams, "rolled" => shaped},
          labels: {"piece" => "grams of a piece", "rolled" => "grams that are rolled"},
          source: "each line's grams times this, then the nearest that can be measured (docs/model.md, Trial)"
        )
      end

      # What must be said, in words.
      def notes
        off = lines.select { |line| line.error_pct && line.error_pct.abs > FAR }
        out = lines.select(&:left_out)
        [
          ("We took #{PIECE_GRAMS} g a piece: the formula does not say." unless together),
          ("Too little to measure, so a few grains by eye: #{out.map(&:was).join(", ")}." if out.any?), (poor(off) if off.any?),
          *moved.map { |now, was| "Measured like this, #{now.name} #{now.texture} where the bowl #{was.texture}." },
          ("The flavours are left out: fold a crumb of each in by eye." if before.flavours.any?)
        ].compact
      end

      private

      def together = before.pieces.together

      # Grams of what is shaped, of everything where nothing is; exact.
      def shaped
        @shaped ||= begin
          grams = before.formed_whole.grams
          Rational((grams.zero? ? before.grams.round(2) : grams).to_s)
        end
      end

      def shape
        (before.formula.shape || Piece::Shape.usual).trial(pieces).said
      end

      def lines_of(part, said)
        part.lines.each_with_index.filter_map do |line, at|
          next said[at] if !line.read? || line.grams.zero?

          measured, best = measure(part, line, at, said[at])
          measured unless left_out?(line, best)
        end
      end

      # So little that the least that can be measured is twice as much, or more.
      def left_out?(line, best) = best.grams > 2 * line.grams * factor

      # A share stays one, and what is not known stays as it was said; a measure taken of another becomes grams.
      def takes(said, at)
        return {} unless said["takes"]

        takings = before.components[at].takings
        {"takes" => said["takes"].zip(takings).map { |take, taking|
          (take["share"] || !taking.known?) ? take : {"component" => take["component"], "grams" => (taking.grams * factor).to_f.round(3)}
        }}
      end

      # [the line's Hash as a document has it, TrialMeasure::Measure]
      def measure(part, line, at, said)
        @measured["#{part.lines_at}/#{at}"] ||= begin
          best = TrialMeasure.new(line, part, scale: scale, library: @library, teaspoon_ml: before.formula.kitchen.cup.teaspoon_ml)
            .of(line.grams * factor)
          now = said["text"] ? said : {"text" => line.label, "ingredient" => line.entry.id}
          [LineText.call(now, line, best.text, best.grams, part.resolver), best]
        end
      end

      def line(part, line, at, said)
        now, best = measure(part, line, at, said)
        facts = {component: part.name, was: line.label, ingredient: line.entry.id, wanted: line.grams * factor}
        return Line.new(text: "a few grains", grams: 0r, left_out: true, **facts) if left_out?(line, best)

        Line.new(text: now["text"] || "#{now["grams"]} g #{line.entry.name.downcase}", grams: best.grams, **facts)
      end

      # [Part measured so, Part of the bowl] of those whose texture is another.
      def moved = after.components.zip(before.components).select { |now, was| now.texture != was.texture }

      def poor(lines)
        said = lines.map { |line| "#{line.text} (#{format("%+d", line.error_pct)} %)" }.join(", ")
        "Too little to measure well: #{said}. Make more pieces, or taste with that in mind."
      end
    end
  end
end
