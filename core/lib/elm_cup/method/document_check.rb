# frozen_string_literal: true

module ElmCup
  module Method
    # What a schema cannot say of the steps of a document: each is there once, and no wait is longer at the least than at the most.
    module DocumentCheck
      # Faults of the list, at its pointer.
      def self.faults(steps, pointer)
        ids = steps.map { |step| step["id"] }
        doubled = ids.tally.select { |_, count| count > 1 }.keys
        doubled.map { |id| Fault.at("#{pointer}/#{ids.rindex(id)}/id", :step_doubled, id: id) } + steps.each_with_index.filter_map { |step, at| upside_down(step["wait"], "#{pointer}/#{at}/wait") }
      end

      def self.upside_down(wait, pointer)
        least, greatest = wait&.values_at("least", "greatest")
        return unless least && greatest && greatest < least

        Fault.at("#{pointer}/greatest", :wait_upside_down, least: least, greatest: greatest)
      end
      private_class_method :upside_down

      Document::CheckList.register("steps", self)
    end
  end
end
