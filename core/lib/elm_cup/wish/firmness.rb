# frozen_string_literal: true

module ElmCup
  module Wish
    # How firm it is, in kPa, at a temperature: "firmness>=12@25"; where none is said, in the place where the pieces live. Of the softest
    # part, or of one part.
    class Firmness < Judged
      figure "firmness", unit: "kPa", places: 1, most: 5000, name: "firmness", up: ["firmer to bite"], down: ["softer to bite"],
        typed: "firmness|kpa"

      # kPa, then the °C that it is wanted at.
      AT = /\A(?<kpa>[^@]*)(?:@(?<celsius>-?\d{1,2}(?:\.\d)?))?\z/
      COLDEST = -30
      WARMEST = 45

      def self.of_part? = true

      def fault
        said = AT.match(value) or return [:wish_firmness, {text: text}]
        celsius = said[:celsius]&.to_f
        return [:wish_firmness, {text: text}] if celsius && !celsius.between?(COLDEST, WARMEST)

        plain = with(value: said[:kpa].strip)
        plain.equal?(self) ? super : plain.bound_fault
      end

      # What is wrong with the number alone.
      def bound_fault = Figure.instance_method(:fault).bind_call(self)

      def finished = with(value: AT.match(value)[:kpa].strip.tr(",", ".").to_f)

      # The same with another bound, at the same temperature.
      def at(number) = with(value: number, text: "#{text[/\A.*?(?:<=|>=|=|<|>|≤|≥)/m]}#{Figure.number(number)}#{"@#{said_c}" if said_c}")

      def value_of(assessment)
        celsius = said_c ? said_c.to_f : assessment.formula.kitchen.place(assessment.formula.lives).celsius
        parts = assessment.section("cold").parts.select { |substance| part.nil? || substance.name == part }
        parts.map { |substance| substance.firmness.kpa(celsius + Cold::Grade::CAUTION_K) }.min
      end

      def wants_firm? = op != "<="

      private

      # It spans thousands: by its logarithm.
      def on_line(value) = Math.log([value, Cold::Hold::SOFTEST].max)

      def said_c = text[/@\s*(-?\d{1,2}(?:\.\d)?)\s*\z/, 1]

      def plain_words(_library) = "firmness #{bounded}#{said_c ? " at #{said_c.tr("-", "−")} °C" : " where it lives"}"
    end
  end
end
