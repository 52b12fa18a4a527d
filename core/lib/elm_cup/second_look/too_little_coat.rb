# frozen_string_literal: true

module ElmCup
  module SecondLook
    # The coat runs out before the last piece: the usual complaint. Common practice: melt more than the sum says.
    module TooLittleCoat
      ID = "too-little-coat"
      # A part that is so much of what is needed will do, within what the sums know.
      ENOUGH = 0.97

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        need = whole.assessment.coat.need
        return [] unless need&.have_grams && need.have_grams < ENOUGH * need.grams_needed

        table = whole.tables.find { |each| each.name == need.component } or return []
        return [uncoated(need)] unless need.grams_with_spare <= MOST_TIMES * need.have_grams && alone?(whole, table)

        times = Rational((need.grams_with_spare / need.have_grams).ceil(1).to_s)
        [Finding.mended_by(rule: ID, component: need.component,
          message: "#{need.have_grams.round} g of #{need.component} are too little: the pieces want about #{need.grams_needed.round} g, and " \
            "#{need.grams_with_spare.round} g with some to spare.",
          remedy_text: "Make it × #{Quantity::FractionText.decimal(times)}", patch: patch(table, times))]
      end

      # More than so many times as much is no coat for these pieces.
      MOST_TIMES = 20

      # More of its lines is more of it, and of nothing else: no part takes of another here, every line is read, and none leaves what a line
      # may weigh.
      def self.alone?(whole, table)
        part = whole.assessment.components.find { |each| each.name == table.name }
        part.takings.empty? && !part.flagged? && part.bowl.grams < MOST_GRAMS &&
          whole.assessment.components.none? { |each| each.takings.any? { |taking| taking.source.name == table.name } }
      end

      MOST_GRAMS = 4_000

      def self.uncoated(need)
        Finding.mended_by(rule: ID, component: need.component, remedy_text: "Coat nothing",
          message: "#{need.have_grams.round(1)} g of #{need.component} will not coat these pieces: they want about #{need.grams_needed.round} g.",
          patch: [{"op" => "add", "path" => "/coat", "value" => {"kind" => Coating::Coat::UNCOATED}}])
      end

      # Every line of it so many times as large.
      def self.patch(table, times)
        table.read_lines.flat_map do |line, index|
          LineRemedy.replace(table, index, value(line, times))
        end
      end

      def self.value(line, times)
        text = line.text && Quantity::LineReader.read(line.text).then { |reading| reading.scaled_text(times) if reading.readable? }
        return {"text" => text, "ingredient" => line.entry.id} if text

        {"ingredient" => line.entry.id, "grams" => (line.grams * times).to_f.then { |grams| (grams < 1) ? grams : grams.round(1) }}
      end
      private_class_method :alone?, :uncoated, :patch, :value
    end
  end
end
