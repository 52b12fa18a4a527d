# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What a careful friend notices, and of that what the cook does not want to hear of this formula.
    class FindingsSection < Section
      named "findings"
      key("findings") { heard }
      key("muted") { muted }

      # Findings.
      def heard = parted.last

      # Findings of rules that are muted.
      def muted = parted.first

      private

      def parted
        @parted ||= begin
          whole = Whole.of(assessment.parts.filter_map(&:table), needs: assessment.formula.needs, bowl: assessment.bowl,
            library: assessment.library)
          SecondLook.findings(whole).partition { |finding| assessment.formula.muted.include?(finding.rule) }
        end
      end
    end
  end
end
