# frozen_string_literal: true

module ElmCup
  # A value that is made when it is first asked for, by one thread, and kept: for what a frozen object makes late.
  class Once
    def initialize(&make)
      @make = make
      @lock = Mutex.new
    end

    # The value.
    def value = @made || @lock.synchronize { @made ||= @make.call }
  end
end
