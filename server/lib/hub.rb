# frozen_string_literal: true

module ElmCupServer
  # Server-sent events: topics that anything may publish to and browsers listen to. Messages of a topic are kept, so that who comes late, or
  # comes back after its connection broke, hears all of them. One thread writes to all listeners; who asks for a stream, and who
  # publishes, waits for nobody.
  class Hub
    TYPE = "text/event-stream"
    # Past so many the oldest topic is forgotten; of a topic, so many messages are kept.
    MOST_TOPICS = 50
    MOST_MESSAGES = 200
    # Seconds after which a listener that takes nothing is let go.
    PATIENCE = 2

    # Seconds that a topic may be without a listener: a connection that broke comes back.
    GRACE = 4

    # left: since when nobody listens of those who did; nil before anybody came and while somebody is there.
    # keep: messages that are kept; lasting: it is not forgotten for others.
    Topic = Struct.new(:messages, :listeners, :count, :closed, :heard, :left, :keep, :lasting)

    # The one hub of this server.
    def self.current = CURRENT

    def initialize
      @topics = {}
      @lock = Mutex.new
      @outbox = Queue.new
    end

    # Makes a topic, empty, in the place of one with the same name; who listens to one that goes is let go. keep, lasting: as in Topic.
    def open(name, keep: MOST_MESSAGES, lasting: false)
      @lock.synchronize do
        gone = [@topics.delete(name)]
        gone << @topics.delete(oldest) if @topics.size >= MOST_TOPICS
        gone.compact.flat_map(&:listeners).each { |stream| post(stream, nil) }
        @topics[name] = Topic.new([], [], 0, false, false, nil, keep, lasting)
      end
    end

    # There is a topic of that name.
    def topic?(name) = @lock.synchronize { @topics.key?(name) }

    # Somebody listened to it, and nobody has for a while.
    def deserted?(name)
      @lock.synchronize do
        topic = @topics[name] or next true
        next false unless topic.heard

        topic.left = (topic.listeners.all? { |stream| Asker.gone?(stream) }) ? topic.left || now : nil
        !topic.left.nil? && now - topic.left >= GRACE
      end
    end

    # Somebody listens to it.
    def heard?(name) = @lock.synchronize { @topics[name]&.listeners&.any? { |stream| !Asker.gone?(stream) } }

    # Sends an event with data (ready for JSON) to all who listen; nothing where the topic is not open. A block is given the number of the
    # message, and gives the data.
    def publish(name, event, data = nil)
      @lock.synchronize do
        topic = @topics[name]
        next if topic.nil? || topic.closed

        topic.count += 1
        text = JSON.generate(block_given? ? yield(topic.count) : data)
        message = [topic.count, "id: #{topic.count}\nevent: #{event}\ndata: #{text}\n\n"]
        topic.messages << message
        topic.messages.shift if topic.messages.size > topic.keep
        topic.listeners.each { |stream| post(stream, message.last) }
      end
    end

    # Publishes the last event of a topic, "end", and lets its listeners go.
    def close(name)
      publish(name, "end", {})
      @lock.synchronize do
        topic = @topics[name] or next
        topic.closed = true
        topic.listeners.each { |stream| post(stream, nil) }
        topic.listeners.clear
      end
    end

    # The Rack response that listens to a topic; after: the last message that the listener has, 0 for none. hello: a block that is told
    # whether messages are missing by now, and gives [event, data] that this listener hears first.
    def response(name, after: 0, &hello)
      [200, {"content-type" => TYPE, "cache-control" => "no-store", "x-accel-buffering" => "no"},
        ->(stream) { add(name, stream, after, &hello) }]
    end

    # Milliseconds after which a browser that lost the connection comes back.
    RETRY_MS = 2000

    # Lets a stream (what Rack gives a streaming body) hear a topic. hello: as in `response`.
    def add(name, stream, after = 0, &hello)
      write
      @lock.synchronize do
        topic = @topics[name]
        topic.heard = true if topic
        after = greet(topic, stream, after, &hello) if hello && topic
        topic&.messages&.each { |number, text| post(stream, text) if number > after }
        (topic.nil? || topic.closed) ? post(stream, nil) : topic.listeners << stream
      end
    end

    private

    # The name of the topic that is forgotten first.
    def oldest = @topics.find { |_, topic| !topic.lasting }&.first

    # Says hello; the last message that the listener has of this topic: none where that is of another one of the name.
    def greet(topic, stream, after)
      known = (after > topic.count) ? 0 : after
      oldest = topic.messages.first&.first || topic.count + 1
      event, data = yield(after.positive? && (known.zero? || known + 1 < oldest))
      post(stream, "retry: #{RETRY_MS}\nid: #{known}\nevent: #{event}\ndata: #{JSON.generate(data)}\n\n")
      known
    end

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def post(stream, text) = @outbox << [stream, text]

    # The thread that writes, made when the first listens.
    def write
      @lock.synchronize do
        @writer = Thread.new { loop { deliver(*@outbox.pop) } } unless @writer&.alive?
      end
    end

    def deliver(stream, text)
      text ? write_all(stream, text) : stream.close
    rescue IOError, SystemCallError
      let_go(stream)
    end

    # Never waits longer for one listener than PATIENCE.
    def write_all(stream, text)
      rest = text.b
      until rest.empty?
        written = stream.write_nonblock(rest, exception: false)
        if written == :wait_writable
          raise IOError, "nobody takes it" unless stream.wait_writable(PATIENCE)
        else
          rest = rest.byteslice(written..)
        end
      end
    end

    def let_go(stream)
      @lock.synchronize { @topics.each_value { |topic| topic.listeners.delete(stream) } }
      stream.close
    rescue IOError, SystemCallError
      nil
    end

    CURRENT = new
    private_constant :CURRENT
  end
end
