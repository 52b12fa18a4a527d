# frozen_string_literal: true

module ElmCup
  module Proposal
    # A formula for one or two pieces, in amounts that a scale, drops and pinches can measure.
    class Trial
      MOST_PIECES = 6
      # Steps of a kitchen scale, in grams.
      SCALES = [Rational(1, 10), 1].freeze
      # Weighed where that is off by no more than this.
      CLOSE = Rational(1, 20)
      # Off by more than this it says so.
      FAR = 15
      DROP_ML = Quantity::Unit[:drop].size
      PINCH = Rational(1, 16)
      # What is dropped; what is pinched.
      DROPS = %w[water syrup].freeze
      DROPPED_FAMILIES = %w[oil flavour].freeze
      PIECE_GRAMS = 18
      # How an amount is measured: text, grams exact.
      Measure = Value.of(:text, :grams)

      # pieces: 1 to MOST_PIECES; scale: grams that the scale shows, .1 or 1.
      def initialize(document, pieces:, scale:, library:)
        opened = Opened.of(document, library)
        @document = opened.document
        @read = opened.read
        @before = opened.answer
        @library = library
        refuse("/pieces", "A trial is of 1 to #{MOST_PIECES} pieces") unless pieces.is_a?(Integer) && pieces.between?(1, MOST_PIECES)
        @pieces = pieces
        @scale = SCALES.find { |each| each == Rational(scale.to_s) } or refuse("/scale", "A scale shows steps of 0.1 g or 1 g")
      end

      # A Hash ready for JSON ("trial/1").
      def to_h
        after = Assessment.of(document, library: @library)
        {
          "elm_cup" => "trial/1", "pieces" => @pieces, "piece_grams" => piece_grams.to_f.round(2), "scale" => @scale.to_f, "grams" => after["grams"],
          "share" => factor.to_f.round(6), "lines" => lines, "document" => document, "components" => textures(after), "sums" => sums(after), "notes" => notes(after)
        }
      end

      private

      def refuse(pointer, message) = Document::Schema.refuse(pointer, message)

      def piece_grams = @before.dig("pieces", "piece_grams")&.then { |grams| Rational(grams.to_s) } || Rational(PIECE_GRAMS)

      # Share of the bowl that the trial is; what is rolled decides.
      def factor = [@pieces * piece_grams / rolled, 1].min

      def rolled
        @rolled ||= begin
          grams = Rational(Assessment::PieceParts.new(@read).whole.grams.to_s)
          grams.zero? ? Rational(@before["grams"].to_s) : grams
        end
      end

      # The sums: of the share, and of the textures as they are measured.
      def sums(after)
        share = Binding::Why::Step.new(
          figure: "share", value: factor, formula: "min(pieces * piece / rolled, 1)", inputs: {"pieces" => @pieces, "piece" => piece_grams, "rolled" => rolled},
          labels: {"piece" => "grams of a piece", "rolled" => "grams that are rolled"}, source: "each line's grams times this, then the nearest that can be measured (docs/model.md, Trial)"
        )
        Assessment::WhyAnswer.of([share]) + PartSums.of(after)
      end

      def document
        @trial ||= begin
          parts = @document["components"].each_with_index.map { |part, at| part.merge("lines" => changed(@read.components[at], part["lines"]), **takes(part, at)) }
          @document.merge("name" => "#{@document["name"][0, 100]} (trial)", "components" => parts, "shape" => {"kind" => "ball", "piece_grams" => piece_grams.to_f.clamp(1, 1000)}).except("splits")
        end
      end

      def changed(read, said)
        read.lines.each_with_index.filter_map { |line, at| line.grams.zero? ? said[at] : (measure(read, line, said[at]).first unless left_out?(line, measure(read, line, said[at]).last)) }
      end

      # So little that the least that can be measured is twice as much, or more.
      def left_out?(line, best) = best.grams > 2 * line.grams * factor

      # A share stays one; a measure taken of another becomes grams.
      def takes(part, at)
        return {} unless part["takes"]

        {"takes" => part["takes"].each_with_index.map { |take, number| take["share"] ? take : {"component" => take["component"], "grams" => (@read.components[at].taken[number].grams * factor).to_f.round(3)} }}
      end

      # [the line as a document has it, Measure]
      def measure(read, line, said)
        @measured ||= {}
        @measured[line.object_id] ||= begin
          grams = line.grams * factor
          best = ways(line, grams).min_by { |way| ((way.grams - grams).abs / grams <= CLOSE) ? 0 : (way.grams - grams).abs / grams }
          [RestatedLine.call(said["text"] ? said : {"text" => line.label, "ingredient" => line.entry.id}, line, best.text, best.grams, read.resolver), best]
        end
      end

      # By the scale first.
      def ways(line, grams)
        before = Rational(line.base_grams) / line.grams
        weighed = [(grams * before / @scale).round, 1].max * @scale
        [Measure.new(text: "#{Quantity::FractionText.decimal(weighed)} g", grams: weighed / before), drops(line, grams), pinches(line, grams)].compact
      end

      def per_ml(line) = Ingredient::InMeasures.millilitres(line, @library)&.then { |ml| line.grams / ml }

      def drops(line, grams)
        return unless dropped?(line) && (per_ml = per_ml(line))

        count = [(grams / per_ml / DROP_ML).round, 1].max
        Measure.new(text: "#{count} #{(count == 1) ? "drop" : "drops"}", grams: count * DROP_ML * per_ml) if count <= 40
      end

      def dropped?(line) = DROPS.include?(@library.binding(line.entry.id, line.form)&.kind) || DROPPED_FAMILIES.include?(line.entry.family) || line.melted

      def pinches(line, grams)
        return if dropped?(line) || line.entry.family == "dates" || (per_ml = per_ml(line)).nil?

        pinch = PINCH * @read.formula.kitchen.cup.teaspoon_ml * per_ml
        halves = (grams / pinch * 2).round
        if halves.between?(1, 8)
          Measure.new(text: "#{Quantity::FractionText.mixed(Rational(halves, 2))} #{(halves <= 2) ? "pinch" : "pinches"}", grams: pinch * Rational(halves, 2))
        end
      end

      def lines
        @read.components.each_with_index.flat_map do |read, at|
          read.lines.each_with_index.reject { |line, _| line.grams.zero? }.map do |line, number|
            said, best = measure(read, line, @document["components"][at]["lines"][number])
            wanted = line.grams * factor
            next {"component" => read.name, "was" => line.label, "text" => "a few grains", "ingredient" => line.entry.id, "grams" => 0.0, "wanted_grams" => wanted.to_f.round(3), "left_out" => true} if left_out?(line, best)

            {"component" => read.name, "was" => line.label, "text" => said["text"] || "#{said["grams"]} g #{line.entry.name.downcase}", "ingredient" => line.entry.id,
             "grams" => best.grams.to_f.round(2), "wanted_grams" => wanted.to_f.round(3), "error_pct" => (100 * (best.grams / wanted - 1)).to_f.round(1)}
          end
        end
      end

      def textures(after)
        after["components"].zip(@before["components"]).map do |trial, bowl|
          {"name" => trial["name"], "texture" => trial["texture"], "saturation" => trial["saturation"], "bowl_texture" => bowl["texture"], "bowl_saturation" => bowl["saturation"]}.compact
        end
      end

      def notes(after)
        off = lines.select { |line| line["error_pct"] && line["error_pct"].abs > FAR }
        out = lines.select { |line| line["left_out"] }
        moved = textures(after).select { |part| part["texture"] != part["bowl_texture"] }
        [
          ("A piece is taken as #{PIECE_GRAMS} g: the formula does not say." unless @before["pieces"]),
          ("Too little to measure, so a few grains by eye: #{out.map { |line| line["was"] }.join(", ")}." if out.any?),
          ("Too little to measure well: #{off.map { |line| "#{line["text"]} (#{format("%+d", line["error_pct"])} %)" }.join(", ")}. Make more pieces, or taste with that in mind." if off.any?),
          *moved.map { |part| "Measured so, #{part["name"]} #{part["texture"]} where the bowl #{part["bowl_texture"]}." },
          ("The flavours are left out: fold a crumb of each in by eye." if @document["splits"]&.any?)
        ].compact
      end
    end
  end
end
