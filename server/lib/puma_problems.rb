# frozen_string_literal: true

module ElmCupServer
  # Puma answers a body that is too large with plain words of its own, past its handler of errors; here it goes to the handler like the
  # rest.
  module PumaProblems
    private

    def response_to_error(client, requests, error, status)
      return super unless status == 413

      prepare_response(*lowlevel_error(error, client.env, status), requests, client)
    end
  end
end
