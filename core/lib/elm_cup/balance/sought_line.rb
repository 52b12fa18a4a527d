# frozen_string_literal: true

module ElmCup
  module Balance
    # The line of an assessment that words mean.
    module SoughtLine
      # The Ingredient::Line, nil for none: by pointer, ingredient id, name, or what stands in it.
      def self.find(assessment, said)
        plain = said.to_s.scrub.strip.downcase
        return if plain.empty?

        lines = assessment.read_lines.map { |_, line, _| line }
        by_pointer(assessment, plain) || lines.find { |line| line.entry.id == plain } ||
          lines.find { |line| line.entry.name.downcase == plain } ||
          lines.find { |line| line.label.downcase.include?(plain) }
      end

      # "rolled oats, tahini"
      def self.names(assessment) = assessment.read_lines.map { |_, line, _| line.entry.name.downcase }.uniq.first(12).join(", ")

      def self.by_pointer(assessment, said)
        assessment.read_lines.find { |part, _, at| "#{part.lines_at}/#{at}" == said }&.at(1)
      end
      private_class_method :by_pointer
    end
  end
end
