# frozen_string_literal: true

module ElmCup
  module Door
    # A Document::PartsEdit as a Hash: the formula that it makes, with the wishes that followed their parts, and what was done.
    module PartsEditWriter
      def self.call(edit)
        place = edit.place&.then { |list, index| {"list" => list, "index" => index} }
        {"formula" => Wish::Renaming.call(edit.document, edit.names), "words" => edit.words, "said" => edit.said, "place" => place}.compact
      end
    end
  end
end
