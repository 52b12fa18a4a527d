# frozen_string_literal: true

module ElmCup
  module Balance
    # What was settled on: the change as a PatchBuilder, the Assessment of the document that it makes, the Search::Found and the Problem
    # that it is of; edge: a texture is only just reached; quick: nothing smaller was looked for.
    Settlement = Value.of(:builder, :assessment, :found, :problem, :edge, :quick)
  end
end
