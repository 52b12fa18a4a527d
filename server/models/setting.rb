# frozen_string_literal: true

module ElmCupServer
  # What the household chose for all of the application.
  class Setting < Record
    self.table_name = "settings"

    # The value kept under `name`, else `usual`.
    def self.value(name, usual) = find_by(name: name)&.value || usual

    # A list of texts kept under `name`, none where nothing is.
    def self.list(name) = JSON.parse(value(name, "[]"))

    # Keeps a list of texts under `name`.
    def self.keep_list(name, texts) = keep(name, JSON.generate(texts))

    # Keeps `value` under `name`.
    def self.keep(name, value) = upsert({name: name, value: value}, unique_by: :name)
  end
end
