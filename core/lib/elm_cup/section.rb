# frozen_string_literal: true

module ElmCup
  # One thing that can be said of a formula, such as its pieces or its cost: reckoned when it is first asked for, never twice.
  # A subclass lies in the folder of its question and is registered as soon as it is loaded; no other file has to name it.
  #
  #   class CostSection < Section
  #     named "cost", needs: %w[pieces]
  #     key("cost") { sum }
  #   end
  class Section
    # One key of the answer: its name, how many digits its figures carry (nil: all of them), what gives its value.
    Key = Value.of(:name, :digits, :value)

    class << self
      # Every section by its name.
      def all = REGISTRY

      # What the section is asked for by, and the sections that it asks: each can be read by its name. asked: it is only part of an answer
      # where it is named.
      def named(name, needs: [], asked: false)
        @keys = []
        @part_keys = []
        @asked = asked
        REGISTRY[name] = self
        needs.each { |other| define_method(other) { @assessment.section(other) } }
      end

      # Gives the answer a key; the block is run in the section. nil leaves the key out.
      def key(name, digits: nil, &value)
        @keys << Key.new(name: name, digits: digits, value: value)
      end

      # Gives each component a key; the block is run in the section with the Assessment::Part. nil leaves the key out.
      def part_key(name, digits: nil, &value)
        @part_keys << Key.new(name: name, digits: digits, value: value)
      end

      attr_reader :keys, :part_keys

      # It is only part of an answer where it is named.
      def asked? = @asked
    end
    REGISTRY = {}

    # assessment: an Assessment.
    def initialize(assessment)
      @assessment = assessment
    end

    # [[name, value, digits], …] of its keys.
    def said = self.class.keys.map { |key| [key.name, instance_exec(&key.value), key.digits] }

    # The same of the keys that it gives a component, an Assessment::Part.
    def said_of(part) = self.class.part_keys.map { |key| [key.name, instance_exec(part, &key.value), key.digits] }

    private

    attr_reader :assessment
  end
end
