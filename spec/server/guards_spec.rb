# frozen_string_literal: true

require "server_helper"
require "socket"

# What nobody waits for, and what would take for ever, is given up.
RSpec.describe "Work that is given up", server: true do
  let(:document) { formula("1 cup rolled oats, ground", "1/2 cup almond butter", "3 tbsp honey") }

  it "is a search whose asker has gone" do
    here, there = UNIXSocket.pair
    expect(ElmCupServer::Asker.gone?(there)).to be(false)
    here.write("more")
    expect(ElmCupServer::Asker.gone?(there)).to be(false)
    there.read_nonblock(9)
    here.close
    expect(ElmCupServer::Asker.gone?(there)).to be(true)
    expect(ElmCupServer::Asker.gone?(nil)).to be(false)
    asked = JSON.generate({document: document, wishes: ["texture=tacky"], seconds: 5})
    post "/api/balance", asked, {"CONTENT_TYPE" => "application/json", "puma.socket" => there}
    expect(JSON.parse(last_response.body)["remarks"].to_s + last_response.body).to include("Stopped.")
  ensure
    there&.close
  end

  it "is a search whose listeners have all gone, but none that nobody listened to yet" do
    hub = ElmCupServer::Hub.new
    hub.open("t")
    expect(hub.deserted?("t")).to be(false)
    ears = Array.new(2) { UNIXSocket.pair }
    ears.each { |_, mouth| hub.add("t", mouth) }
    ears.first.first.close
    expect(hub.deserted?("t")).to be(false)
    ears.last.first.close
    # A connection that broke may come back.
    expect(hub.deserted?("t")).to be(false)
    stub_const("ElmCupServer::Hub::GRACE", 0)
    expect(hub.deserted?("t")).to be(true)
    hub.add("t", UNIXSocket.pair.tap { |pair| ears << pair }.last)
    expect(hub.deserted?("t")).to be(false)
    expect(hub.deserted?("another")).to be(true)
  end

  it "is reckoning that takes too long, a pattern that goes over a text again and again included" do
    stub_const("ElmCupServer::Deadline::SECONDS", 0.1)
    allow(ElmCup).to receive(:convert) { "#{"a" * 40}!".match?(/\A(a|a)*\z/) }
    ask(:post, "/api/convert", {text: "1 cup honey", to: "g"})
    expect(last_response.status).to eq(503)
    expect(JSON.parse(last_response.body)["detail"]).to match(/make it smaller/)
    allow(ElmCup).to receive(:convert).and_call_original
    stub_const("ElmCupServer::Deadline::SECONDS", 10)
    expect(ask(:post, "/api/convert", {text: "1 cup honey", to: "g"})).to include("grams")
  end
end
