# frozen_string_literal: true

module ElmCup
  # The document, or what else was sent, cannot be taken as it stands.
  class InvalidDocument < Error; end
end
