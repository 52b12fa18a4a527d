# frozen_string_literal: true

module ElmCupServer
  # What every stored thing shares.
  class Record < ActiveRecord::Base
    self.abstract_class = true

    # Times leave as ISO 8601 in UTC.
    def self.iso(time) = time.utc.iso8601
  end
end
