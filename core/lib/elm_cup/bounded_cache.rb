# frozen_string_literal: true

module ElmCup
  # What was reckoned once, by its key; safe between threads. Past `most` keys those that were not asked for lately are forgotten.
  class BoundedCache
    def initialize(most)
      @most = most
      @lock = Mutex.new
      @young = {}
      @old = {}
    end

    # The value of `key`; the block makes it where it is not there. Two threads may both make it, and one of the two stays.
    def fetch(key)
      found = @lock.synchronize { @young[key] || @old[key]&.tap { |value| keep(key, value) } }
      return found if found

      yield.tap { |value| @lock.synchronize { keep(key, value) } }
    end

    # How many are kept now.
    def size = @lock.synchronize { (@young.keys | @old.keys).size }

    private

    # When the young half is full it becomes the old one, and what nobody asked for since goes.
    def keep(key, value)
      if @young.size >= @most / 2
        @old = @young
        @young = {}
      end
      @young[key] = value
    end
  end
end
