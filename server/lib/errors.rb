# frozen_string_literal: true

module ElmCupServer
  # The last resort: what no other part answered is a problem document without paths or traces; standard error has the rest.
  class Errors
    WORDS = "Something went wrong here; nothing was changed. Try again"
    # Of requests that are no HTTP, by status.
    UNREADABLE = {400 => "This is no HTTP request that can be read", 413 => "This is more than #{RequestGuard::MOST_BYTES / 1_000_000} MB",
                  501 => "This way of sending is not known here"}.freeze

    def initialize(app)
      @app = app
    end

    def call(env)
      @app.call(env)
    rescue => error
      Errors.answer(error)
    end

    # The Rack response to an error of any kind, said on standard error.
    def self.answer(error)
      fault = StorageFault.of(error)
      return fault.tell.response if fault

      warn error.full_message(highlight: false)
      Problem.response(500, WORDS)
    end

    # The Rack response to what the web server could not read, or could not answer.
    def self.lowlevel(error, _env, status = 500)
      Headers.on(UNREADABLE.key?(status) ? Problem.response(status, UNREADABLE[status]) : answer(error))
    end
  end
end
