# frozen_string_literal: true

module ElmCup
  module Counter
    # Whether the kitchen has room for more of a formula than is planned: bowl, tin and trays as the second look judges them.
    module RoomFor
      RULES = %w[processor-too-small tin-too-small tray-too-small].freeze

      # So many times `document` (Hash) raises no finding of these that `assessment` of it has not.
      def self.times?(document, assessment, factor, library:)
        larger = Assessment.of(Document::Scale.call(document, factor.to_f.round(6).to_s), library: library)
        (found(larger) - found(assessment)).empty?
      end

      def self.found(assessment) = assessment.section("findings").then { |section| section.heard + section.muted }.map(&:rule) & RULES
      private_class_method :found
    end
  end
end
