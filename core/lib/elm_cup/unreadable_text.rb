# frozen_string_literal: true

module ElmCup
  # A quantity or a name that cannot be converted. Lines of a formula are flagged instead.
  class UnreadableText < Error; end
end
