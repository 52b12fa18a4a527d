# frozen_string_literal: true

module ElmCup
  module SecondLook
    # What puts a finding right: words, and a JSON Patch on the formula document after which the finding is gone.
    Remedy = Value.of(:text, :patch)
  end
end
