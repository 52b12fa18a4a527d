# frozen_string_literal: true

module ElmCup
  module Wish
    # What a document wishes: only what can be read.
    module DocumentCheck
      # Faults of the wishes (texts) that stand at `pointer`.
      def self.faults(texts, pointer)
        texts.each_with_index.filter_map do |text, at|
          Wish.read(text) && nil
        rescue Unreadable => error
          error.faults.first.below("#{pointer}/#{at}")
        end
      end

      Document::CheckList.register("wishes", self)
    end
  end
end
