# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What a document mutes: only rules that exist.
    module DocumentCheck
      # Faults of the rules (ids) that stand at `pointer`.
      def self.faults(rules, pointer)
        rules.each_with_index.reject { |rule, _| SecondLook.rule?(rule) }.map do |rule, at|
          Fault.at("#{pointer}/#{at}", :no_such_rule, rule: rule, rules: IDS.join(", "))
        end
      end

      Document::CheckList.register("muted", self)
    end
  end
end
