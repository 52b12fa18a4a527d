# frozen_string_literal: true

module ElmCup
  module Balance
    # Other ways to make a formula where it should hold when it is warm: the coat tempered, coconut oil or butter taken out for cocoa
    # butter, or both. Common practice.
    class Variants
      # What gives way in the warm => grams of cocoa butter for a gram of it.
      SOFT = {"coconut-oil" => 1, "dairy-butter" => Rational(82, 100), "dairy-butter-salted" => Rational(82, 100)}.freeze
      HARD = "cocoa-butter"

      # document: a Hash without its wishes; open: OpenFormula of it; wishes: Wish::Kinds; helpers: Helpers, which say what may come in.
      def initialize(document, assessment, wishes, helpers, library)
        @document = document
        @assessment = assessment
        @wishes = wishes
        @helpers = helpers
        @library = library
      end

      # Variants, the least change first; none where nothing of the kind is wished for that it is not.
      def all
        return [] unless @wishes.any? { |wish| wish.wants_firm? && !wish.met?(@assessment) }

        single = [tempered, swapped].compact
        (single + [(both(*single) if single.size == 2)].compact).map { |patch, changes, words| variant(patch, changes, words) }
      end

      private

      def variant(patch, changes, words)
        document = Document::Patch.apply(@document, patch)
        Variant.new(document: document, patch: patch, assessment: Assessment.of(document, library: @library), was: @assessment,
          changes: changes, words: words)
      end

      # [patch, Changes, words] of the coat tempered; nil where it is, or cannot be.
      def tempered
        work = @assessment.coat.work
        return if work.nil? || work.bowl.nil? || !work.coat.kind.melted? || work.tempered? || work.kind["work_low_c"].nil?

        coat = work.coat
        said = {"kind" => coat.kind.id, "component" => coat.component, **(@document["coat"] || {}), "school" => "tempered"}.compact
        change = Change.new(kind: :school, component: coat.component, ingredient: nil, name: coat.component, text: "temper it", grams: 0.0,
          was: "not tempered", now: "tempered")
        [[{"op" => "add", "path" => "/coat", "value" => said}], [change], "Temper the #{coat.component}"]
      end

      # The same of each line of a soft fat; nil where there is none, a wish keeps it, or cocoa butter may not come in.
      def swapped
        hard = @library[HARD]
        return unless hard && @helpers.here?(hard) && @helpers.fits?(hard) && @wishes.none? { |wish| wish.forbids?(hard) }

        pairs = soft_lines.map { |part, line, at| swap(part, line, at, hard) }
        return if pairs.empty?

        [pairs.map(&:first), pairs.map(&:last), "#{hard.name} instead of #{pairs.map { |_, change| change.name }.uniq.join(" and ")}"]
      end

      def soft_lines
        @assessment.read_lines.select { |part, line, _|
          SOFT.key?(line.entry.like) && line.grams.positive? && @wishes.none? { |wish| wish.locks?(line.entry, part.name) }
        }
      end

      def swap(part, line, at, hard)
        grams = (line.grams * SOFT.fetch(line.entry.like)).to_f.round(1)
        words = "#{Quantity::FractionText.decimal(Rational(grams.to_s))} g cocoa butter, melted"
        change = Change.new(kind: :instead, component: part.name, ingredient: hard.id, name: line.entry.name.downcase, text: words,
          grams: grams - line.grams.to_f, was: line.label, now: words)
        [{"op" => "replace", "path" => "#{part.lines_at}/#{at}", "value" => {"text" => words, "ingredient" => hard.id}}, change]
      end

      def both(one, other) = [one[0] + other[0], one[1] + other[1], "#{one[2]}; #{other[2][0].downcase}#{other[2][1..]}"]
    end
  end
end
