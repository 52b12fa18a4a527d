# frozen_string_literal: true

require "digest"

module ElmCupServer
  # Which core made an answer that is kept: a digest of its files, so that a changed figure or formula is never overlooked.
  module CoreVersion
    FILES = Dir[File.join(ROOT, "core/{lib,data}/**/*.{rb,csv,json,yml}")].sort.freeze

    # A short text that differs whenever the names or contents of `files` do.
    def self.of(files)
      files.each_with_object(Digest::SHA256.new) { |file, digest| digest << File.basename(file) << "\0" << File.binread(file) << "\0" }
        .hexdigest[0, 16]
    end

    CURRENT = of(FILES)
    # The same of the figures alone.
    FIGURES = of(FILES.grep(%r{/core/data/}))
  end
end
