# frozen_string_literal: true

module ElmCup
  module Proposal
    # A Settler::Answer as a Hash ready for JSON.
    module Written
      # before: the figures of the formula now (Assessment::Wished#figures); number: which answer it is, from 0.
      def self.call(answer, before, library, number: 0)
        grams = answer.problem.grams_at(answer.found.values)
        times = answer.problem.situation.times
        after = Assessment::Wished.new(answer.assessment, library).figures
        {
          "formula" => answer.amended.document, "changes" => answer.amended.changes.map { |change| change(change) }, "patch" => answer.amended.patch,
          "before" => before, "after" => after, **Assessment::ComeAndGone.of(before, after), "size" => answer.found.cost.round(4),
          "proved_optimal" => answer.found.proved?,
          "why" => Reason.call(answer.amended.changes, answer.found, number, times: times, edge: answer.edge, quick: answer.quick),
          "sums" => Sums.new(answer.problem, grams, answer.found).to_a + PartSums.of(answer.assessment), **((times == 1) ? {} : {"times" => times.to_f.round(4)})
        }
      end

      # A formula that is so already.
      def self.same(document, figures)
        {"formula" => document, "changes" => [], "patch" => [], "before" => figures, "after" => figures, **Assessment::ComeAndGone.of(figures, figures), "size" => 0.0, "proved_optimal" => true, "why" => Reason::NOTHING, "sums" => []}
      end

      def self.change(change)
        {"kind" => change.kind.to_s, "component" => change.component, "text" => change.text, "grams" => change.grams.round(2), "ingredient" => change.ingredient,
         "was" => change.was, "now" => change.now, "only_size" => change.only_size? || nil}.compact
      end
      private_class_method :change
    end
  end
end
