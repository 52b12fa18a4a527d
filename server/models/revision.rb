# frozen_string_literal: true

module ElmCupServer
  # Texts that are others after every change of what they stand for: the database itself writes them.
  class Revision < Record
    self.table_name = "revisions"
    self.primary_key = "name"

    # The revision of what has that name.
    def self.of(name) = where(name: name).pick(:revision)
  end
end
