# frozen_string_literal: true

require "server_helper"
require "net/http"
require "puma"

RSpec.describe "Server-sent events", server: true do
  let(:hub) { ElmCupServer::Hub.new }

  # All that a listener hears until it is let go.
  def heard(after: 0, hub: self.hub, topic: "t")
    reader, writer = IO.pipe
    hub.response(topic, after: after).last.call(writer)
    yield if block_given?
    Timeout.timeout(5) { reader.read }
  end

  it "reach every listener in order, whenever it came, and those that come back from where they were" do
    hub.open("t")
    hub.publish("t", "quick", {"a" => 1})
    said = heard do
      hub.publish("t", "better", {"b" => "two\nlines"})
      hub.close("t")
    end
    expect(said)
      .to eq(["id: 1\nevent: quick\ndata: {\"a\":1}", "id: 2\nevent: better\ndata: {\"b\":\"two\\nlines\"}", "id: 3\nevent: end\ndata: {}"]
        .map { |message| "#{message}\n\n" }.join)
    expect(heard).to eq(said)
    expect(heard(after: 2)).to eq("id: 3\nevent: end\ndata: {}\n\n")
    hub.publish("t", "late", {})
    expect(heard).to eq(said)
  end

  it "wait for nobody: who has gone or takes nothing is let go, and the others hear all" do
    hub.open("t")
    gone, ear = IO.pipe
    hub.add("t", ear)
    gone.close
    silent, mouth = IO.pipe
    hub.add("t", mouth)
    said = heard do
      hub.publish("t", "large", {"text" => "x" * 200_000})
      hub.close("t")
    end
    expect(said).to end_with("event: end\ndata: {}\n\n")
    expect(said.bytesize).to be > 200_000
    silent.close
  end

  it "forget the oldest topic past so many" do
    (ElmCupServer::Hub::MOST_TOPICS + 1).times { |n| hub.open("t#{n}") }
    expect([hub.topic?("t0"), hub.topic?("t1")]).to eq([false, true])
    expect(heard(topic: "t0")).to eq("")
    # Who listens to one that is forgotten, or made anew, is let go.
    expect(heard(topic: "t2") { 60.times { |n| hub.open("u#{n}") } }).to eq("")
    expect(heard(topic: "u50") { hub.open("u50") }).to eq("")
  end

  describe "of a Balance" do
    let(:document) { formula("1 cup rolled oats, ground", "1/2 cup almond butter", "3 tbsp honey") }

    def stream(ticket)
      heard(hub: ElmCupServer::Hub.current, topic: "balance/#{ticket}").split("\n\n").map do |message|
        fields = message.lines.to_h { |line| line.chomp.split(": ", 2) }
        [fields["event"], JSON.parse(fields["data"])]
      end
    end

    it "are the first answer, then the least, as the door gives them" do
      expect(ask(:post, "/api/balance/ticket-71/stream", {document: document, wishes: ["texture=tacky"]})).to eq("ticket" => "ticket-71")
      expect(last_response.status).to eq(202)
      events = stream("ticket-71")
      expect(events.map(&:first)).to eq(%w[quick better end])
      expect(events[1].last).to eq(ask(:post, "/api/balance", {document: document, wishes: ["texture=tacky"]}))
      expect(events[0].last["answers"].size).to eq(1)
    end

    it "say what was refused, and where" do
      ask(:post, "/api/balance/ticket-72/stream", {document: document, wishes: ["colour=3"]})
      events = stream("ticket-72")
      expect(events.map(&:first)).to eq(%w[refused end])
      expect(events[0].last)
        .to include("status" => 422, "errors" => [a_hash_including("pointer" => "/wishes/0", "code" => a_kind_of(String))])
      expect(ask(:get, "/api/balance/nobody-asked-this/stream")).to include("status" => 404)
      expect(ask(:post, "/api/balance/x/stream", {document: document})["status"]).to eq(400)
    end

    it "end when it is called off" do
      model = BalanceModels.document(6)
      ask(:post, "/api/balance/ticket-73/stream", {document: model, wishes: BalanceModels.wishes(6, ElmCup.assess(model)), seconds: 10})
      Timeout.timeout(5) { sleep 0.005 until ElmCupServer::Searches::RUNNING.key?("ticket-73") }
      expect(ask(:delete, "/api/balance/ticket-73")).to eq("called_off" => true)
      expect(stream("ticket-73").last.first).to eq("end")
      expect(ElmCupServer::Searches::RUNNING).not_to have_key("ticket-73")
    end

    it "come over the network as they are found, and hold no thread of the server meanwhile" do
      server = Puma::Server.new(Requests::APP, nil, min_threads: 1, max_threads: 1, log_writer: Puma::LogWriter.null)
      port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
      server.run
      ElmCupServer::Hub.current.open("balance/ticket-74")
      got = Queue.new
      listener = Thread.new do
        Net::HTTP.start("127.0.0.1", port) do |http|
          http.request_get("/api/balance/ticket-74/stream") do |answer|
            got << answer["content-type"]
            answer.read_body { |text| got << text unless text.empty? }
          end
        end
      end
      expect(Timeout.timeout(5) { got.pop }).to eq("text/event-stream")
      ElmCupServer::Hub.current.publish("balance/ticket-74", "quick", {})
      expect(Timeout.timeout(5) { got.pop }).to include("event: quick")
      # The one thread of this server answers others while the stream is open.
      expect(Net::HTTP.get_response("127.0.0.1", "/api/nothing", port).code).to eq("404")
      ElmCupServer::Hub.current.close("balance/ticket-74")
      listener.join(5)
      expect(got.pop).to include("event: end")
    ensure
      server&.stop(true)
    end
  end
end
