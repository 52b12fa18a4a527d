# frozen_string_literal: true

module ElmCupServer
  # The core's library as the screens need it: what can be chosen.
  module Library
    # The answer of GET /api/library; it does not change while the server runs.
    def self.answer = @answer ||= ElmCup.library
  end
end
