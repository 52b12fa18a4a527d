# frozen_string_literal: true

module ElmCup
  module Plan
    # What is asked of a plan: a checked "plan-request/1" (core/data/plan_request.schema.json), its times as minutes.
    #   mode, at, now, seed  as in Project      calendar  Calendar      orders  Orders      name  of the plan, nil where none was said
    #   guests    Hashes      away  [from, to, how many, why]      pins  id => minute      done  id => [from, to or nil]
    #   reserve   minutes kept free before `at`      assumed  what was taken for granted, in words
    Request = Value.of(:mode, :at, :now, :seed, :calendar, :orders, :name, :guests, :away, :pins, :done, :reserve, assumed: []) do
      def ready_by? = mode == Project::READY_BY

      # The Request of a parsed document. InvalidDocument with every fault at its place. now: Time, where the document says none; nil where
      # that does not matter.
      def self.read(said, library:, now: nil) = RequestReader.new(said, library, now).request

      # The minute to be ready by, with what is kept free before it; that to begin at.
      def target = ready_by? ? at - reserve : at
    end
  end
end
