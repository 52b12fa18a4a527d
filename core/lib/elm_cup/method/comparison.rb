# frozen_string_literal: true

module ElmCup
  module Method
    # What is otherwise in the steps of a formula than it was, in words.
    class Comparison
      MOST = 12

      # before, after: Steps.
      def initialize(before, after)
        @before = before.all.to_h { |step| [step.id, step] }
        @after = after.all.to_h { |step| [step.id, step] }
      end

      # Sentences, none where nothing changed.
      def words
        found = fresh + gone + @after.filter_map { |id, step| changed(@before[id], step) if @before.key?(id) }
        (found.size > MOST) ? [*found.first(MOST), "And #{found.size - MOST} more changes."] : found
      end

      private

      def fresh = (@after.keys - @before.keys).map { |id| "New: “#{@after[id].text}”." }

      def gone
        left = (@before.keys - @after.keys).map { |id| "No longer needed: “#{@before[id].text}”." }
        left + @after.values.select { |step| !step.asked && @before[step.id]&.asked }
          .map { |step| "“#{step.text}” is no longer needed; you changed it, so it stays until you take it out." }
      end

      def changed(before, after)
        parts = [hands(before, after), wait(before, after)].compact
        return "“#{before.text}” is now “#{after.text}”." if parts.empty? && before.text != after.text

        "“#{after.text}”: #{parts.join(", ")}." if parts.any?
      end

      def hands(before, after)
        "#{after.hands_minutes} min of work instead of #{before.hands_minutes}" if before.hands_minutes != after.hands_minutes
      end

      def wait(before, after)
        was, now = [before, after].map { |step| step.wait && [step.wait.band, step.wait.place] }
        return if was == now

        "#{said(after.wait)} instead of #{said(before.wait)}"
      end

      def said(wait)
        return "no wait" if wait.nil? || wait.short?

        band = wait.band.uniq.join(" to ")
        "#{band} min#{" in the #{wait.place}" if wait.place}"
      end
    end
  end
end
