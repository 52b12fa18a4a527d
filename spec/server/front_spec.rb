# frozen_string_literal: true

require "server_helper"

# What stands before every answer: who asks, what they send, and what leaves.
RSpec.describe "The front of the server", server: true do
  let(:document) { formula("1 cup rolled oats", "1/4 cup honey", name: "Interval bites") }

  # The answer is a problem document of that status and tells nothing of the machine.
  def expect_problem(status)
    expect(last_response.status).to eq(status)
    expect(last_response.headers["content-type"]).to eq("application/problem+json")
    said = JSON.parse(last_response.body)
    expect(said).to include("status" => status, "title" => String, "detail" => a_string_matching(/\S{3}/))
    expect(last_response.body).not_to match(%r{/(?:home|root|usr|var|tmp|srv|opt|work)/|\.rb|gems})
    said
  end

  describe "who asks" do
    def foreign(headers)
      headers.each { |name, value| header(name, value) }
      ask(:post, "/api/formulas", document)
      headers.each_key { |name| header(name, nil) }
    end

    it "from another site is refused before anything is done" do
      allow(ElmCupServer::Formula).to receive(:start).and_call_original
      [{"Origin" => "https://evil.example"}, {"Origin" => "null"}, {"Origin" => "http://localhost:9999"},
        {"Referer" => "https://evil.example/page"}, {"Referer" => "http://localhost.evil.example/"}, {"Sec-Fetch-Site" => "cross-site"},
        {"Sec-Fetch-Site" => "same-site"}].each do |headers|
        foreign(headers)
        expect_problem(403)
      end
      expect(ElmCupServer::Formula).not_to have_received(:start)
      header "Sec-Fetch-Site", "cross-site"
      get "/api/formulas"
      expect_problem(403)
    end

    it "from this very page, or a script of this machine, is answered" do
      [{"Origin" => "http://localhost"}, {"Referer" => "http://localhost/formulas"}, {"Sec-Fetch-Site" => "same-origin"},
        {"Sec-Fetch-Site" => "none"}, {}].each do |headers|
        foreign(headers)
        expect(last_response.status).to eq(201), headers.inspect
      end
    end

    it "may come to the page itself by a link from anywhere" do
      get "/", {}, {"HTTP_REFERER" => "https://elsewhere.example/", "HTTP_SEC_FETCH_SITE" => "cross-site"}
      expect(last_response.status).to eq(200)
    end

    it "under another name of this machine is refused everywhere" do
      %w[/ /api/health /assets/x.js].each do |path|
        ["evil.example", "localhost.evil.example", "192.168.1.9"].each do |host|
          get path, {}, {"HTTP_HOST" => host}
          expect_problem(403)
        end
        %w[localhost 127.0.0.1:4173 [::1]:4173].each do |host|
          get path, {}, {"HTTP_HOST" => host}
          expect(last_response.status).not_to eq(403), [path, host].inspect
        end
      end
    end
  end

  describe "what is sent" do
    it "may hold no bytes that are no text, wherever they stand" do
      %w[/api/formulas?q=%FF /api/formulas?q=%C3%28 /api/formulas?q=%00 /api/formulas?q=a%07 /api/formulas?q=%E0%80%AF /api/formulas?%FF=1
        /api/formulas/%FF /api/batches/%00 /api/versions/%C3%28].each do |address|
        get address
        expect_problem(400)
      end
      get "/api/formulas", {}, {"QUERY_STRING" => "q=%ZZ"}
      expect_problem(400)
      get "/api/formulas?q=%C3%A9lan%20%F0%9F%8D%AB"
      expect(last_response.status).to eq(200)
      %w[/%FF /formulas/%00 /assets/%FF.js /assets/..%2f..%2fGemfile].each do |address|
        get address
        expect([200, 404]).to include(last_response.status), address
        expect(last_response.body).not_to include("rubygems")
      end
    end

    it "is no half character, no control character and no name that nobody sees" do
      header "Content-Type", "application/json"
      ['{"text":"1 cup \udfff oats"}', '{"\udc00":1}', '{"text":"\u0000"}', '{"text":"\u001b[2J"}', '{"text":"\ud800"}'].each do |body|
        post "/api/lines", body
        expect_problem(400)
      end
      ["\u200b", "\u3164", "\u00a0", "\u2800", "\u0301", "two\nlines", "end\n", "two\u2028lines"].each do |name|
        ask(:post, "/api/formulas", document.merge("name" => name))
        expect(expect_problem(422)["errors"].map { |error| error["pointer"] }).to eq(["/name"]), name.inspect
        ask(:post, "/api/pantry", {ingredients: [{id: "own", name: name, starts_from: "tahini"}]})
        expect_problem(422)
      end
      expect(ElmCupServer::Formula.count + ElmCupServer::OwnIngredient.count).to eq(0)
    end

    it "keeps to its patterns to the very end of the text, in the contract and in the schemas" do
      ask(:put, "/api/settings/currency", {value: "EUR\nx"})
      expect_problem(400)
      made = ask(:post, "/api/formulas", document)
      ask(:put, "/api/formulas/#{made["id"]}/draft", {document: document, revision: 0, device: "tab\n"})
      expect_problem(400)
      [["device", "tab\n"], ["key", "#{SecureRandom.uuid}\n"], ["at", "2026-06-19T16:02:00Z\nx"]].each do |key, value|
        event = happened("started", {version: made["version"]["id"]}).merge(key => value)
        ask(:post, "/api/batches/#{SecureRandom.uuid}/events", {events: [event]})
        expect(expect_problem(422)["errors"].first["pointer"]).to eq("/events/0/#{key}")
      end
      ask(:post, "/api/pantry", {ingredients: [{id: "own\nx", name: "Own", starts_from: "tahini"}]})
      expect_problem(422)
    end

    it "is measured before it is read" do
      body = StringIO.new("{}")
      expect(body).not_to receive(:read)
      post "/api/assess", {}, {:input => body, "CONTENT_LENGTH" => "2000001", "CONTENT_TYPE" => "application/json"}
      expect_problem(413)
    end
  end

  describe "what leaves" do
    it "is a problem document, whatever goes wrong, and the trace stays here" do
      allow(ElmCup).to receive(:convert).and_raise(NoMethodError, "undefined method for /srv/elm/core.rb")
      expect { ask(:post, "/api/convert", {text: "1 cup", to: "g"}) }.to output(/NoMethodError/).to_stderr
      expect(expect_problem(500)["detail"]).to match(/nothing was changed/)
      allow(File).to receive(:read).and_call_original
      allow(File).to receive(:read).with(ElmCupServer::Pages::INDEX).and_raise(IOError, "gone")
      expect { get "/" }.to output(/IOError/).to_stderr
      expect_problem(500)
    end

    it "is refused in the documented form where a way or a place is not there" do
      {["GET", "/api/nowhere"] => 404, ["POST", "/"] => 405, ["GET", "/assets/none.js"] => 404, ["PATCH", "/api/formulas"] => 404}
        .each do |(verb, path), status|
          custom_request(verb, path)
          expect_problem(status)
        end
    end

    it "is kept by no cache where it holds data, and for a year only where it is there" do
      %w[/api/health /api/formulas /api/library /api/pantry/csv /api/nowhere].each do |address|
        get address
        expect(last_response.headers["cache-control"]).to eq("no-store"), address
      end
      get "/assets/none.js"
      expect(last_response.headers["cache-control"]).not_to include("immutable")
    end

    it "goes to no other site, and its styles bear a nonce that is another each time" do
      get "/"
      policy = last_response.headers["content-security-policy"]
      nonce = policy[/'nonce-([^']+)'/, 1]
      expect(policy).to include("style-src 'self' 'nonce-#{nonce}';")
      expect(last_response.body).to include(%(<meta property="csp-nonce" nonce="#{nonce}">))
      expect(last_response.body).not_to include(ElmCupServer::Pages::NONCE)
      expect(last_response.headers).to include("cross-origin-resource-policy" => "same-origin", "x-content-type-options" => "nosniff",
        "referrer-policy" => "no-referrer")
      get "/"
      expect(last_response.headers["content-security-policy"]).not_to include(nonce)
    end

    it "is described: each way in names the problem document for what it refuses" do
      paths = YAML.safe_load_file(ElmCupServer::OPENAPI)["paths"]
      silent = paths.flat_map do |path, item|
        item.slice("get", "post", "put", "delete").reject { |_, way| way["responses"].key?("default") }.map { |verb, _| "#{verb} #{path}" }
      end
      expect(silent).to eq([])
    end
  end

  describe "what the web server itself answers" do
    it "has the same form, without a trace" do
      [400, 413, 501].each do |status|
        answered, headers, body = ElmCupServer::Errors.lowlevel(StandardError.new("Invalid HTTP format, at /srv/x.rb"), {}, status)
        expect([answered, headers["content-type"]]).to eq([status, "application/problem+json"])
        expect(body.join).not_to include("/srv")
        expect(headers).to include("content-security-policy", "x-content-type-options")
      end
      expect { expect(ElmCupServer::Errors.lowlevel(RuntimeError.new("x"), {}).first).to eq(500) }.to output(/RuntimeError/).to_stderr
    end
  end
end
