# frozen_string_literal: true

module ElmCup
  class Assessment
    # What must be said of the whole beside its figures.
    class NotesSection < Section
      named "notes", needs: %w[pieces coat]
      key("notes") { words }

      # Sentences.
      def words = @words ||= [waiting, apart, heavy, *(pieces.together&.notes || []), polyols].compact

      private

      def waiting
        left_out = assessment.left_out.group_by(&:first).transform_values { |pairs| LeftOut.words(pairs.map(&:last)) }
        return if left_out.empty?

        words = left_out.map { |part, each| (assessment.parts.size > 1) ? "#{each} of #{part.name}" : each }
        "Nutrition, cost, pieces, allergens and diets are without #{words.join(" and ")}."
      end

      def apart
        names = coat.aside.map(&:name)
        "#{names.join(", ")}: not counted into the pieces and their nutrition." if names.any?
      end

      def heavy = ("One piece is heavier than the whole bowl." if pieces.together&.count&.zero?)

      def polyols
        whole = assessment.formed_whole
        Mixture::PolyolCaution.for(Mixture::Nutrition.new(whole).for_mass(100.0)[:polyols_g]) unless whole.empty?
      end
    end
  end
end
