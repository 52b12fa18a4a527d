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

      def parted = @parted ||= findings.partition { |finding| assessment.formula.muted.include?(finding.rule) }

      # What concerns all of it first, then each component in turn; what was found of a component is kept with it.
      def findings
        parts = assessment.parts.select(&:table)
        whole = Whole.of(parts.map(&:table), needs: assessment.formula.needs, bowl: assessment.bowl, library: assessment.library,
          assessment: assessment)
        SecondLook.of_whole(whole) + parts.flat_map { |part| part.kept_with(:findings) { SecondLook.of_table(part.table) } }
      end
    end
  end
end
