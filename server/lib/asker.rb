# frozen_string_literal: true

require "socket"

module ElmCupServer
  # Who waits for an answer, by the socket that it came in by.
  module Asker
    # The other end has closed it: nobody waits any more. False where that cannot be told.
    def self.gone?(socket)
      io = socket.respond_to?(:to_io) ? socket.to_io : socket
      return io.respond_to?(:closed?) && io.closed? unless io.is_a?(BasicSocket)

      ["", nil].include?(io.recv_nonblock(1, Socket::MSG_PEEK, exception: false))
    rescue SystemCallError, IOError
      true
    end
  end
end
