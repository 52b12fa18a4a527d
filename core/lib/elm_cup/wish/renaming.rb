# frozen_string_literal: true

module ElmCup
  module Wish
    # Wishes go with the part that they name: to its next name, or out.
    module Renaming
      # document: Hash; names: a part's name => its next one, nil where it is gone. A new Hash; what is no wish stays as it is.
      def self.call(document, names)
        return document if names.empty? || !document["wishes"]

        wishes = document["wishes"].filter_map { |text| follow(text, names) }
        wishes.empty? ? document.except("wishes") : document.merge("wishes" => wishes)
      end

      def self.follow(text, names)
        wish = Wish.read(text)
        return text unless names.key?(wish.part)

        names[wish.part]&.then { |name| wish.of(name).text }
      rescue Unreadable
        text
      end
      private_class_method :follow
    end
  end
end
