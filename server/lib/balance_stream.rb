# frozen_string_literal: true

module ElmCupServer
  # A Balance whose answers go to the hub as they are found: "quick", the first that grants the wishes; "better", the least for sure and its
  # alternatives; "refused", a problem document; and "end". Both searches are called off by their ticket, and
  # where all who listened have gone.
  module BalanceStream
    # The topic of a ticket.
    def self.topic(ticket) = "balance/#{ticket}"

    # Starts it and returns. asked: document, wishes, have, pantry: as ElmCup.balance takes them; seconds: of the thorough search.
    def self.start(ticket, document, seconds: nil, hub: Hub.current, **asked)
      name = topic(ticket)
      hub.open(name)
      Thread.new do
        Searches.during(ticket, seconds: seconds, gone: -> { hub.deserted?(name) }) do |pace|
          hub.publish(name, "quick", ElmCup.balance(document, quick: true, **asked, **pace))
          hub.publish(name, "better", ElmCup.balance(document, **asked, **pace)) unless pace[:stop].call
        end
      rescue ElmCup::Error => error
        hub.publish(name, "refused", Problem.document(422, error.message, error.faults))
      rescue => error
        hub.publish(name, "refused", JSON.parse(Errors.answer(error).last.first))
      ensure
        hub.close(name)
      end
    end
  end
end
