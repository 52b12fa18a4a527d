# frozen_string_literal: true

module ElmCup
  module Plan
    # Reads a Request of a parsed document.
    class RequestReader
      SCHEMA = JsonFaults.schema("plan_request.schema.json")
      VERSION = "plan-request/1"
      UNKNOWN_ZONE = "UTC"

      # said: the parsed document; now: Time, nil where that does not matter.
      def initialize(said, library, now)
        @said = said
        @library = library
        @clock = now
        @faults = []
        @assumed = []
      end

      # The Request. InvalidDocument with every fault at its place.
      def request
        check
        calendar
        orders = @said["formulas"].each_with_index.map { |each, at| order(each, "/formulas/#{at}") }
        request = made(orders)
        raise InvalidDocument.new(@faults.uniq) if @faults.any?

        request
      end

      private

      def check
        InvalidDocument.refuse("", :not_object, given: JsonFaults.name_of(@said)) unless @said.is_a?(Hash)
        Document::Finite.check(@said)
        @faults += version
        @faults += JsonFaults.of(SCHEMA, @said, whole: "a plan request") { :not_of_this_kind } if @faults.empty?
        raise InvalidDocument.new(@faults) if @faults.any?
      end

      def version
        return [] if @said["elm_cup"] == VERSION
        return [Fault.at("/elm_cup", :version_missing, version: VERSION)] unless @said.key?("elm_cup")

        [Fault.at("/elm_cup", :version_other, given: JsonFaults.shown(@said["elm_cup"]), version: VERSION)]
      end

      def calendar
        @calendar ||= Calendar.new(@said["zone"] || UNKNOWN_ZONE)
      rescue ArgumentError
        InvalidDocument.refuse("/zone", :no_such_zone, zone: @said["zone"])
      end

      def made(orders)
        Request.new(mode: @said["mode"] || Project::READY_BY, at: minute(@said["at"], "/at"), now: now, seed: @said["seed"] || 1,
          calendar: calendar, orders: orders, name: @said["name"], guests: @said["guests"] || [], away: away, pins: pins, done: done,
          reserve: @said["reserve_minutes"] || 0, assumed: assumed)
      end

      def now = @now ||= said_now

      def said_now
        return minute(@said["now"], "/now") if @said.key?("now")

        @clock&.to_i&.div(60)
      end

      def assumed = (@said.key?("zone") ? [] : ["No time zone was given; times without one are taken as UTC."]) + @assumed

      def minute(text, pointer)
        calendar.minute(text) || (spoken(text) if pointer != "/now") ||
          (@faults << Fault.at(pointer, :no_such_time, given: JsonFaults.shown(text)) and 0)
      end

      # A time in words, from now on; which one is meant is said.
      def spoken(text)
        found = now && ClockWords.minute(text, calendar, now) or return
        @assumed |= ["“#{text}” is taken as #{calendar.time(found).strftime("%A %-d %B %Y, %H:%M")}."]
        found
      end

      def away
        (@said["away"] || []).each_with_index.map do |each, at|
          from, to = %w[start end].map { |key| minute(each[key], "/away/#{at}/#{key}") }
          @faults << Fault.at("/away/#{at}/end", :ends_before_it_begins) if to <= from && @faults.empty?
          [from, to, each["n"], each["why"]]
        end
      end

      def pins = (@said["pins"] || []).each_with_index.to_h { |each, at| [each["task"], minute(each["at"], "/pins/#{at}/at")] }

      def done
        (@said["done"] || []).each_with_index.to_h do |each, at|
          from = minute(each["start"], "/done/#{at}/start")
          to = each["end"] && minute(each["end"], "/done/#{at}/end")
          @faults << Fault.at("/done/#{at}/end", :ends_before_it_begins) if to && to < from && @faults.empty?
          [each["task"], [from, to]]
        end
      end

      def order(said, pointer)
        @faults << without_document(said, pointer) unless said["document"]
        @faults << Fault.at("#{pointer}/pieces", :times_or_pieces) if said.key?("pieces") && said.key?("times")
        document = said["document"] ? sized(said, pointer) : nil
        ready_by = said["ready_by"] && minute(said["ready_by"], "#{pointer}/ready_by")
        Order.new(document: document, ready_by: ready_by, formula: said["formula"], version: said["version"], times: said["times"] || 1)
      end

      # Who knows formulas by their numbers has put their documents in by now.
      def without_document(said, pointer)
        return Fault.at(pointer, :plan_of_nothing) unless said["formula"]

        Fault.at("#{pointer}/formula", :no_such_formula, id: said["formula"])
      end

      # The document at the size that is wanted.
      def sized(said, pointer)
        document = said["document"]
        return of_pieces(document, said["pieces"]) if said["pieces"]

        Document::Schema.check(document)
        ((said["times"] || 1) == 1) ? document : Document::Scale.call(document, said["times"].to_s)
      rescue InvalidDocument => error
        @faults += error.faults.map { |fault| fault.with(pointer: "#{pointer}/document#{fault.pointer}") }
        nil
      end

      # Of so many pieces as large as they are.
      def of_pieces(document, count)
        grams = Assessment.of(document, library: @library).pieces.piece_grams or InvalidDocument.refuse("/shape", :no_pieces_to_count)
        Assessment::Scaling.new(document, library: @library, pieces: count, piece_grams: grams.round(3)).document
      end
    end
  end
end
