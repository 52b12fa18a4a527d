# frozen_string_literal: true

require "rack/mock"

# Processes that write into one database by the whole application, as servers do, and say each thing that was acknowledged to their parent.
module Writers
  THREADS = 3
  # Seconds that the first acknowledgement may take.
  WARM = 20

  # Runs the block with a process that writes until it is killed, and gives what it said: [kind, …] of each acknowledged write.
  def self.writing(path, seed:, document:)
    reader, writer = IO.pipe
    ActiveRecord::Base.connection_pool.disconnect!
    pid = fork do
      reader.close
      work(path, writer, seed, document)
    end
    writer.close
    reader.wait_readable(WARM)
    yield(pid)
    Process.wait(pid)
    reader.read.lines.filter_map { |line| JSON.parse(line) if line.end_with?("\n") }
  ensure
    reader&.close
  end

  # In the process: writes until it is killed, or `most` times a thread.
  def self.work(path, writer, seed, document, most: nil)
    writer.sync = true
    $stderr.reopen(File::NULL) unless most
    ElmCupServer::Database.open(path)
    Array.new(THREADS) { |number| Thread.new { Household.new(writer, Random.new(seed * 100 + number), document).write(most) } }.each(&:join)
    exit!(0)
  end

  # One client of the application in its process.
  class Household
    def initialize(out, random, document)
      @out = out
      @random = random
      @document = document
      @server = Rack::MockRequest.new(Requests::APP)
      @n = 0
    end

    def write(most = nil)
      formula = send_json("POST", "/api/formulas", @document)
      tell(["formula", formula["id"], formula.dig("version", "id")])
      batch = start(formula)
      (most ? most.times : loop).each { step(formula, batch) }
    end

    private

    def step(formula, batch)
      case @random.rand(4)
      when 0
        version = send_json("POST", "/api/formulas/#{formula["id"]}/versions", {document: @document.merge("name" => "Number #{@n += 1}")})
        tell(["version", version["id"], version.dig("document", "name")])
      when 1
        text = "Spoon #{@n += 1}"
        send_json("PUT", "/api/settings/cupboard", {value: ["honey", "tahini"].first(@random.rand(3))})
        note(batch, text)
      else note(batch, "Note #{@n += 1}")
      end
    end

    def start(formula)
      SecureRandom.uuid.tap { |batch| append(batch, "started", {version: formula.dig("version", "id"), scale: 1}) }
    end

    def note(batch, text) = append(batch, "note", {text: text})

    def append(batch, kind, data)
      event = {key: SecureRandom.uuid, device: "d#{@random.seed}", n: @n += 1, at: "2026-06-19T16:02:00Z", kind: kind, data: data}
      send_json("POST", "/api/batches/#{batch}/events", {events: [event]})
      tell(["event", event[:key], JSON.generate(data)])
    end

    def tell(said) = @out.puts(JSON.generate(said))

    def send_json(verb, path, body)
      answer = @server.request(verb, path, "HTTP_HOST" => "localhost", "CONTENT_TYPE" => "application/json", :input => JSON.generate(body))
      raise "#{verb} #{path}: #{answer.status} #{answer.body}" unless answer.status.between?(200, 299)

      JSON.parse(answer.body)
    end
  end
end
