# frozen_string_literal: true

require "hana"

module ElmCup
  module Document
    # A JSON Patch (RFC 6902) on a formula document, by a library that keeps to the standard.
    module Patch
      # A new document; the given one is left as it is. InvalidDocument where the patch does not fit it.
      def self.apply(document, operations)
        Hana::Patch.new(operations).apply(JSON.parse(JSON.generate(document)))
      rescue Hana::Patch::Exception, Hana::Pointer::Exception => error
        InvalidDocument.refuse("", :patch_does_not_fit, reason: error.message[0, 120])
      end
    end
  end
end
