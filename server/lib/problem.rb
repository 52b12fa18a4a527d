# frozen_string_literal: true

module ElmCupServer
  # Errors as RFC 9457 problem documents: one sentence, and a pointer to each field at fault.
  module Problem
    TYPE = "application/problem+json"
    TITLES = {
      400 => "The request cannot be read", 403 => "Not allowed", 404 => "Not found", 405 => "Not done here", 409 => "Not possible now",
      413 => "Too large", 415 => "Not JSON", 422 => "Not a value that can be kept", 500 => "Something went wrong here",
      501 => "Not known here", 503 => "Not possible now", 507 => "No room"
    }.freeze

    # A Rack response. errors: ElmCup::Faults.
    def self.response(status, detail, errors = [], code: nil)
      [status, {"content-type" => TYPE, "cache-control" => "no-store"}, [JSON.generate(document(status, detail, errors, code: code))]]
    end

    # The Rack response for a document the core refuses.
    def self.for_document(error)
      response(422, error.message, error.faults)
    end

    # The Rack response for a draft that another device changed: both documents go with it.
    def self.for_stale_draft(error)
      status, headers, body = response(409, error.message)
      [status, headers, [JSON.generate(JSON.parse(body.first).merge("kept" => error.kept, "sent" => error.sent))]]
    end

    # The same for a kitchen.
    def self.for_stale_kitchen(error)
      status, headers, body = response(409, error.message)
      [status, headers, [JSON.generate(JSON.parse(body.first).merge("kept" => error.now, "sent" => error.mine))]]
    end

    def self.for_stale_plan(error) = for_stale_kitchen(error)

    # The problem document as a Hash; code: of the whole, where a program goes by one.
    def self.document(status, detail, errors = [], code: nil)
      {"type" => "about:blank", "title" => TITLES.fetch(status), "status" => status, "detail" => detail.scrub, "code" => code,
       "errors" => errors(errors)}.compact
    end

    # ElmCup::Faults as they are told.
    def self.errors(faults) = faults.map { |fault| {"pointer" => fault.pointer, "code" => fault.code, "detail" => fault.message} }
  end
end
