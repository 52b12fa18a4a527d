# frozen_string_literal: true

# Requests to every route of the contract, made of what is sent to it in earnest and of what nobody in earnest sends. Seeded: the same seed
# gives the same requests.
class Fuzz
  NASTY = [nil, true, -1, 0, 1.5, 1e300, -0.0, 10**30, "", " ", "\u0000", "\u200b", "x" * 5_000, "'; DROP TABLE formulas; --",
    "../../etc/passwd", "<script>alert(1)</script>",
    "=1+1", "\u202e", "🍫", "1 cup oats", "1/0 cup oats", "1e999 g", [], {}, [[[[]]]], {"a" => {"b" => []}},
    ["honey"] * 300, "/components/0/lines/0", "texture=rolls", "NaN", "2026-06-19T16:02:00Z", "\r\nSet-Cookie: a=b"].freeze
  BYTES = ["", "{", "[", "nonsense", "\xff\xfe", "{\"a\":1e999}", "{\"a\":1,\"a\":2}", "[" * 400, "\"\\udfff\"", "\x00", "null", "1",
    "\"x\"",
    "{\"a\":\"\\ud83c\"}", "{} {}", "\uFEFF{}"].freeze
  QUERIES = ["", "?q=%FF", "?q=oat", "?limit=0", "?limit=25", "?cursor=!!!", "?cursor=W10", "?order=-made", "?order=name",
    "?aside=only", "?a[b]=c", "?format=csv", "?format=exe", "?revision=-1&device=x", "?q=%00",
    "?texture=rolls", "?formula=1", "?%", "?q=#{"a" * 300}"].freeze
  HEADERS = [{}, {}, {}, {}, {"CONTENT_TYPE" => "text/plain"}, {"HTTP_ORIGIN" => "null"}, {"HTTP_ACCEPT" => "\x00"},
    {"HTTP_LAST_EVENT_ID" => "9" * 400}, {"HTTP_HOST" => "evil.example"}, {"HTTP_SEC_FETCH_SITE" => "cross-site"},
    {"HTTP_X_FORWARDED_HOST" => "evil.example"}, {"HTTP_CONTENT_ENCODING" => "gzip"}].freeze
  OF_TYPE = {"integer" => 1, "number" => 2.0, "array" => [], "object" => {}, "boolean" => true}.freeze
  # Whose id a route takes, where that is no formula's.
  WHOSE = {"/api/versions" => "version", "/api/plans" => "plan"}.freeze
  # Searches take their seconds.
  SECONDS = 0.05

  # One request, as rack-test takes it.
  Request = Struct.new(:verb, :path, :body, :headers) do
    # As Rack has it, whatever stands in its address.
    def env
      place, query = path.split("?", 2)
      {:input => body.to_s, :method => verb, "PATH_INFO" => place, "QUERY_STRING" => query.to_s}.merge(headers)
    end

    def to_s = [verb, path, headers, body.to_s.b[0, 300]].inspect
  end

  # paths: of the OpenAPI file; ids: {"id" => …, "batch" => …, "version" => …} of what is there; document: one that is taken.
  def initialize(seed, paths, ids, document)
    @random = Random.new(seed)
    @ways = paths.flat_map { |path, item| item.slice("get", "post", "put", "delete").map { |verb, way| [verb.upcase, path, way] } }
    @ids = ids
    @document = document
  end

  # The next Request.
  def next
    verb, path, way = pick(@ways)
    Request.new(verb, address(path), (body(path, way) unless verb == "GET"), headers)
  end

  private

  def pick(list) = list[@random.rand(list.size)]

  def chance(share) = @random.rand < share

  def address(path)
    filled = path.gsub(/\{(\w+)\}/) do
      name = $1
      known = @ids[WHOSE.fetch(path[%r{\A/api/\w+}], name)] || "none"
      chance(0.8) ? known : pick(["0", "-1", "999999", "9" * 30, "abc", "%FF", "%00", "..%2f", "1%20OR%201=1", "é"])
    end
    "#{filled}#{pick(QUERIES) if chance((path == "/api/formulas" || path == "/api/batches") ? 0.6 : 0.1)}"
  end

  def headers = {"HTTP_HOST" => "localhost", "CONTENT_TYPE" => "application/json"}.merge(chance(0.15) ? pick(HEADERS) : {})

  def body(path, way)
    return pick(BYTES) if chance(0.08)

    schema = way.dig("requestBody", "content", "application/json", "schema")
    whole = if schema&.key?("properties")
      filled(path, schema)
    else
      earnest(schema.to_s.include?("PlanRequest") ? "request" : "document")
    end
    JSON.generate(chance(0.25) ? whole : spoilt(whole))
  rescue JSON::GeneratorError
    "{}"
  end

  def filled(path, schema)
    said = schema["properties"].to_h { |name, part| [name, earnest(name, part)] }
    said["seconds"] = SECONDS if said.key?("seconds")
    said["events"] = [event] if path.end_with?("/events")
    said["ingredients"] = [{"id" => "fuzz-#{@random.rand(40)}", "name" => "Fuzz", "starts_from" => "tahini"}] if path == "/api/pantry"
    said.select { |name, _| schema.fetch("required", []).include?(name) || chance(0.5) }
  end

  def earnest(name, part = {})
    case name
    when "document", "before", "after" then @document
    when "text" then pick(["1 cup rolled oats", "less sweet", "1/2 cup honey\n2 cups oats", "id,name\nhoney,Honey\n"])
    when "to" then "g"
    when "revision" then 0
    when "request" then plan_request
    when "format" then "json"
    when "edit" then {"kind" => "add_part"}
    when "wishes" then ["texture=rolls"]
    else part["enum"]&.first || OF_TYPE.fetch(part["type"], "honey")
    end
  end

  # A formula to be ready at an hour, with whatever else may be said.
  def plan_request
    {"elm_cup" => "plan-request/1", "at" => "2030-06-20T18:00", "zone" => "Europe/Berlin", "mode" => pick(%w[ready_by start_at]),
     "formulas" => [{"formula" => @ids["id"], "times" => 1}], "away" => [{"start" => "2030-06-20T15:00", "end" => "2030-06-20T16:00"}],
     "pins" => [{"task" => "1.set_out", "at" => "2030-06-20T10:00"}], "guests" => [{"people" => 8, "needs" => ["vegan"]}],
     "done" => [{"task" => "1.set_out", "start" => "2030-06-20T09:00", "end" => "2030-06-20T09:05"}],
     "reserve_minutes" => 10, "seed" => 1, "now" => "2030-06-20T08:00"}
      .select { |name, _| %w[elm_cup at formulas].include?(name) || chance(0.4) }
  end

  def event
    {"key" => format("%08x-0000-4000-8000-%012x", @random.rand(16**8), @random.rand(16**12)), "device" => "fuzz",
     "n" => @random.rand(10**6), "at" => "2026-06-19T16:02:00Z", "kind" => pick(%w[started note looked yield weighed measured addition removed timer step corrected paused finished sung]),
     "data" => pick([{"version" => @ids["version"]}, {"text" => "x"}, {"texture" => 3}, {"pieces" => 4}, {}, {"grams" => 5},
       {"line" => "/components/0/lines/0", "grams" => 5}, {"name" => "x", "did" => "stop"}, {"step" => "x", "did" => "done"}])}
  end

  # One place of a value replaced, left out or added to.
  def spoilt(value)
    case value
    when Hash
      return value.merge(pick(%w[a elm_cup name shape]) => pick(NASTY)) if value.empty? || chance(0.15)

      key = pick(value.keys)
      if chance(0.15)
        value.except(key)
      else
        value.merge(key => chance(0.4) ? pick(NASTY) : spoilt(value[key]))
      end
    when Array
      return [pick(NASTY)] if value.empty?

      at = @random.rand(value.size)
      if chance(0.2)
        value + [pick(NASTY)]
      else
        value.each_with_index.map { |each, index| (index == at) ? spoilt(each) : each }
      end
    else pick(NASTY)
    end
  end
end
