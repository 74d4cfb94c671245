# frozen_string_literal: true

# Makes requests of every kind from the contract: right ones, nearly right ones, and what nobody in their right mind
# would send.
#
#   RequestMaker.new(contract, ids, seed: 1).env # => a Rack environment
#
# The same seed makes the same requests.
class RequestMaker
  # Stand for text that JSON.generate would not write.
  RAW = { "@nul@" => "\\u0000", "@half@" => "\\ud800", "@flah@" => "\\udc00x", "@inf@" => "1e999" }.freeze
  TEXTS = ["", " ", "x", "Bay tree", "é\u{1F332}", "@nul@", "@half@", "a@flah@", "x" * 5_000,
           "'; drop table homes; --", "%00", "<b>", "2026-11-28", "-0044-01-01", "9" * 129, "2026-02-31",
           "0000-00-00", "tree", "run", "plan", "up", "../../etc", "\u202E", "null"].freeze
  NUMBERS = [0, 1, -1, 2, 3.7, 2**31, -(2**31), 2**70, -(2**70), 1e308, -1e308, 1e-320, 0.1, 100_000, "@inf@"].freeze
  BROKEN = ["{", "[1,", "nul", "\xFF\xFE".b, "\x00", "{\"a\":\"\xC3\x28\"}".b, "[]", "3", "\"x\"", "null",
            "true", "", "[" * 200, "{\"a\":" * 60,
            "--x\r\nContent-Disposition: form-data; name=\"a\"\r\n\r\n1\r\n--x--\r\n"].freeze
  TYPES = ["application/json", "application/json; charset=utf-8", "application/json; charset=banana",
           "text/plain", "multipart/form-data; boundary=x", "multipart/form-data",
           "application/x-www-form-urlencoded", "application/xml", "", nil, "json", "\xFF".b,
           "application/json;" * 50].freeze
  VERBS = %w[GET POST PUT PATCH DELETE HEAD OPTIONS TRACE PROPFIND FROBNICATE].freeze
  PARTS = ["not-an-id", "%00", "%ff", "%", "%zz", "..", "%2e%2e", "%2F", "a" * 3_000, "\u00e9", "0", "-1",
           "tree.tip_gap", "null", "%u0041", "%20", ";", "\xFF".b].freeze
  QUERIES = ["", "?", "%", "%ff", "%00", "page=1", "page=0", "page=-1", "page=abc", "page=99999999999999999999",
             "page=100000", "text=2m", "text=%00",
             "text=%ff", "text=#{'9' * 400}", "text=7%276%22", "kind=ribbon", "kind=smell", "style=x", "a=1&a=2",
             "a[b][c]=1", "a[]=1", "a[=1", "page[]=1",
             "&&&", "=", "page", "text", "style=%F0%28%8C%28", "#{'a[b]' * 200}=1"].freeze

  def initialize(contract, ids, seed:)
    @operations = contract.operations
    @ids = ids
    @chance = Random.new(seed)
  end

  # @return [Hash] of one request; "asked" tells it in words for a report
  def env
    verb, path, operation = @operations.sample(random: @chance)
    body = body_of(operation)
    address = address_of(path)
    verb = VERBS.sample(random: @chance) if once(0.06)
    query = once(0.4) ? QUERIES.sample(random: @chance) : wanted_query(operation)
    asked = "#{verb} #{address[0, 120].inspect} #{query[0, 80].inspect} #{body[0, 300].inspect}"
    { "REQUEST_METHOD" => verb, "PATH_INFO" => address, "QUERY_STRING" => query,
      "CONTENT_TYPE" => once(0.9) ? "application/json" : TYPES.sample(random: @chance),
      "CONTENT_LENGTH" => body.bytesize.to_s, "rack.input" => StringIO.new(body), "asked" => asked }.compact
  end

  private

  def once(share)
    @chance.rand < share
  end

  def address_of(path)
    path.gsub(/\{(\w+)\}/) { part(Regexp.last_match(1), path) }
        .then { |whole| once(0.02) ? "#{whole}/#{PARTS.sample(random: @chance)}" : whole }
  end

  def part(name, path)
    return PARTS.sample(random: @chance).dup.force_encoding(Encoding::UTF_8) if once(0.15)
    return SecureRandom.uuid if once(0.05)
    return @ids.fetch("keys").sample(random: @chance) if name == "key"

    @ids.fetch(path[%r{\A/api/(\w+)/}, 1], ["0"]).sample(random: @chance)
  end

  def wanted_query(operation)
    (operation["parameters"] || []).select { |one| one["in"] == "query" && (one["required"] || once(0.3)) }
                                   .map { |one| "#{one['name']}=#{one['name'] == 'text' ? '2m' : 1}" }.join("&")
  end

  def body_of(operation)
    schema = operation.dig("requestBody", "content", "application/json", "schema")
    return "" unless schema || once(0.05)
    return BROKEN.sample(random: @chance).dup if once(0.08)

    text = JSON.generate(value(schema || { "type" => "object" }, 0))
    RAW.reduce(text) { |said, (stand, raw)| said.gsub(stand == "@inf@" ? "\"@inf@\"" : stand, raw) }
  end

  def value(schema, depth)
    return anything(depth) if once(0.05) || depth > 12
    return value(schema["allOf"].reduce { |one, other| merged(one, other) }, depth) if schema["allOf"]
    if schema["anyOf"] || schema["oneOf"]
      return value((schema["anyOf"] || schema["oneOf"]).sample(random: @chance), depth)
    end
    return once(0.9) ? schema["enum"].sample(random: @chance) : TEXTS.sample(random: @chance) if schema["enum"]

    case schema["type"]
    when "integer" then once(0.6) ? @chance.rand(1..4) : NUMBERS.sample(random: @chance)
    when "number" then once(0.6) ? (@chance.rand * 4).round(2) : NUMBERS.sample(random: @chance)
    when "boolean" then once(0.9) ? once(0.5) : nil
    when "array" then Array.new([0, 1, 2, 5].sample(random: @chance)) { value(schema["items"] || {}, depth + 1) }
    when "string" then text(schema)
    else object(schema, depth)
    end
  end

  def merged(one, other)
    { "type" => "object", "required" => one.fetch("required", []) + other.fetch("required", []),
      "properties" => one.fetch("properties", {}).merge(other.fetch("properties", {})) }
  end

  def text(schema)
    return SecureRandom.uuid if schema["format"] == "uuid" && once(0.8)
    return @ids.fetch("styles").sample(random: @chance) if once(0.3)

    TEXTS.sample(random: @chance)
  end

  def object(schema, depth)
    said = (schema["properties"] ||
            {}).select { |name, _| (schema["required"] || []).include?(name) ? once(0.97) : once(0.5) }
               .to_h { |name, part| [name, value(part, depth + 1)] }
    said["settings"] = settings if said.key?("settings") && once(0.8)
    said[TEXTS.sample(random: @chance)] = anything(depth + 1) if once(0.04)
    said
  end

  # Of either kind, a few dials turned: to what they may be, and beyond.
  def settings
    kind = DeckBough::Kinds::ALL.values.sample(random: @chance)
    kind.groups.to_a.sample(3, random: @chance).to_h do |group, inputs|
      [group.to_s, inputs.sample(3, random: @chance).to_h { |input| [input.name.to_s, dialled(input)] }]
    end
  end

  def dialled(input)
    return anything(1) if once(0.1)
    return @ids.fetch("styles").sample(random: @chance) if input.names == :style

    case input.kind
    when :number, :whole
      inside = (input.range.begin + input.range.end) / 8.0
      inside = inside.to_i if input.kind == :whole
      [input.range.begin, input.range.end, inside, *NUMBERS].sample(random: @chance)
    when :choice then input.choices.sample(random: @chance)
    when :list then Array.new([0, 1, 3].sample(random: @chance)) do
      if input.items.is_a?(Array)
        input.items.to_h do |item|
          [item.name.to_s, dialled(item)]
        end
      else
        dialled(input.items)
      end
    end
    else [true, false, *TEXTS].sample(random: @chance)
    end
  end

  def anything(depth)
    [nil, true, [], {}, "@nul@", *TEXTS, *NUMBERS, depth < 3 ? { "a" => anything(depth + 1) } : 1,
     [[[[[]]]]]].sample(random:
      @chance)
  end
end
