# frozen_string_literal: true

module ElmCup
  module Door
    # Which wishes of a formula keep a line of it as it is.
    class LineLocks
      def initialize(assessment)
        @locks = assessment.wishes.select(&:lock?)
      end

      def any? = @locks.any?

      # {"locked_by" => texts of the wishes}, empty where none keeps the Ingredient::Line of the component of that name.
      def of(line, component)
        keeping = line.entry ? @locks.select { |wish| wish.locks?(line.entry, component) }.map(&:text) : []
        keeping.empty? ? {} : {"locked_by" => keeping}
      end
    end
  end
end
