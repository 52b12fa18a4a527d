# frozen_string_literal: true

module ElmCup
  module Cold
    # The Substances of a formula's parts, by name.
    class Substances
      # Shapes that should snap: what is poured as bark, and comes out of a mould.
      BRITTLE = %w[bark mould].freeze

      def initialize(assessment)
        @assessment = assessment
        @formula = assessment.formula
        @made = {}
      end

      # The Substance of a part by its name; nil where nothing of it is read.
      def of(name)
        return @made[name] if @made.key?(name)

        part = @assessment.components.find { |each| each.name == name }
        @made[name] = (made(part) if part && !part.bowl.empty? && part.mix)
      end

      # That of the coat, as warm as its bowl; nil where nothing is poured.
      def coat
        return @coat if defined?(@coat)

        work = @assessment.coat.work
        part = work && @assessment.components.find { |each| each.name == work.coat.component }
        @coat = if part && work.coat.kind.melted? && part.mix && !part.bowl.empty?
          Substance.of(part, poured: true, room_c: room_c, brittle: true, tempered: work.tempered?, start_c: work.shell.bowl_c,
            shell: true)
        end
      end

      private

      # Chocolate that is poured out, or into a mould, must hold like a shell.
      def made(part)
        brittle = BRITTLE.include?(@formula.shape&.id) && part.in_piece? && part.want == "pours"
        Substance.of(part, poured: part.want == "pours", room_c: room_c, brittle: brittle, shell: brittle && chocolate?(part))
      end

      CHOCOLATE = 0.5

      def chocolate?(part)
        part.bowl.lines.sum(0.0) { |line| (line.entry.family == "chocolate") ? line.grams.to_f : 0.0 } >= CHOCOLATE * part.bowl.grams
      end

      def room_c = @formula.kitchen.room_c
    end
  end
end
