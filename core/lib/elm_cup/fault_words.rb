# frozen_string_literal: true

require "yaml"

module ElmCup
  # The words of every fault: core/data/fault_words.yml, a sentence for each code.
  module FaultWords
    TEMPLATES = YAML.safe_load_file(File.join(DataTable::DIRECTORY, "fault_words.yml")).freeze
    SLOT = /%\{(\w+)\}/

    # The code as text. KeyError for one that has no words.
    def self.known(code) = TEMPLATES.fetch(code.to_s) && code.to_s

    # The sentence of `code` with its facts put in. KeyError for a code that has no words, or a fact that is not given.
    def self.say(code, facts = {}) = TEMPLATES.fetch(code.to_s).gsub(SLOT) { facts.fetch($1.to_sym).to_s }
  end
end
