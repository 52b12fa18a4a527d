# frozen_string_literal: true

require "committee"

module ElmCupServer
  # The OpenAPI file, checked on every request to the API. Formula documents are checked by the core's own schema.
  module Contract
    # The file, its patterns as Ruby has them: "^" and "$" mean the ends of the text, not of a line.
    def self.schema
      Committee::Drivers.load_from_data(anchored(YAML.safe_load_file(OPENAPI)), nil, parser_options: {strict_reference_validation: true})
    end

    def self.anchored(part)
      case part
      when Hash
        part.to_h { |key, value|
          [key, (key == "pattern" && value.is_a?(String)) ? JSONSchemer::EcmaRegexp.ruby_equivalent(value) : anchored(value)]
        }
      when Array then part.map { |each| anchored(each) }
      else part
      end
    end
    private_class_method :anchored

    # Options for Committee::Middleware::RequestValidation.
    def self.options
      {schema: schema, strict_reference_validation: true, coerce_form_params: false, coerce_date_times: false,
       allow_form_params: false,
       strict_query_params: true, error_class: Fault}
    end

    # A request that the contract does not know, as a problem document.
    class Fault < Committee::ValidationError
      # What committee asks of an error: the body and the whole Rack response.
      def error_body
        {"type" => "about:blank", "title" => Problem::TITLES.fetch(status, "Not possible"), "status" => status, "detail" => plain,
         "errors" => []}
      end

      def render = [status, {"content-type" => Problem::TYPE, "cache-control" => "no-store"}, [JSON.generate(error_body)]]

      private

      # The library's own words without its schema paths.
      def plain = message.to_s.gsub(/#\/(?:paths|components)\/\S+/, "").squeeze(" ").scrub.strip[0, 300]
    end
  end
end
