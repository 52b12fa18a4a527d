# frozen_string_literal: true

module ElmCup
  module Quantity
    # A typed line that names several things, each with its amount, as lines of one: "200 g dark choc, melted w/ 1 tbsp coconut oil" is
    # "200 g dark choc, melted" and "1 tbsp coconut oil". More of the same with a purpose of its own, "plus 50 g more for drizzling",
    # is a line of the same thing. What a thing is soaked, rinsed or cut in is none.
    class Apart
      # What a tail begins with. In front of "in" and "into" stands what is done.
      JOINT = %r{(?<![\p{L}\d])(?:with|in|into|plus|and)\s+|(?<![\p{L}\d])w/\s*|[+&]\s*}i
      INTO = /\Ain(?:to)?\b/i
      # An amount begins here, or may do.
      AMOUNT = /(?:another\s+|a\s+further\s+)?(?:about\s+|~\s*)?(?:[\d½⅓⅔¼¾⅛]|(?:an?|one|two|three|half(?:\s+an?)?)\s+(?:\p{L}+\s+)?#{Unit::PATTERN}|(?:pinch|dash|splash)\b)/i
      PLACE = /(?:#{JOINT})(?=#{AMOUNT})/i
      # What was done with the tail, which goes with it: "200 g chocolate, melted with", "1 tsp coffee dissolved in".
      DONE = /[\s,;(–—-]*(?:(?:then|and|all)\s+)?(?<done>(?:mixed|blended|stirred|whisked|beaten|combined|warmed|heated|simmered|boiled|dissolved|bloomed|thinned|loosened|slackened|let down|flavou?red|sweetened|topped|tossed|rolled|cooked|seasoned|whizzed)(?:\s+(?:up|together|well|through|down|off))?\s*)?\z/i
      # It comes out of this again, or is shaped by it.
      NOT_IN_IT = /\b(?:soak\w*|steep\w*|rins\w+|wash\w*|drain\w*|blanch\w*|cover\w*|cut|chop\w*|slic\w+|broken|divided|split|dic\w+|press\w*|rolled|boiled|cooked|plump\w*)\s*(?:\p{L}+\s*)?\z/i
      # What stands right before a joint.
      NEAR = /.{0,60}\z/m
      LENGTH_OR_TIME = /\A[\d.,\/½¼¾⅓⅔⅛\s–-]*(?:to\s+\d+\s*)?(?:min(?:ute)?s?|h|hrs?|hours?|days?|cm|mm|inch(?:es)?|in|°\s*[CF]?|changes?|times|parts?|pieces?|halves|batch(?:es)?|layers?|rows?|squares?|cubes?|chunks?|strips?)\b/i
      # "plus 50 g more for drizzling", "plus 2 tbsp to roll"
      MORE = /\A(?<amount>.*?)\s*\b(?:more|extra)?\s*(?<what>\b(?:for|to)\s+\p{L}.*)\z/i
      NUMBER = %r{\A[\d½⅓⅔¼¾⅛\s/.,]+\z}
      # "zest and juice of 1 lime"
      ZEST_AND_JUICE = /\A\W*(?<first>(?:(?:finely\s+)?grated\s+)?(?:zest|rind)|juice)\s*(?:and|&|\+)\s*(?<second>(?:grated\s+)?(?:zest|rind)|juice)\s+of\s+(?<what>\S.*)\z/i
      # No line that anybody writes has more places where it may be parted.
      MOST = 8

      # The lines of one that `text` stands for; itself alone where it is one. reads: callable, the Reading of a text.
      def self.of(text, reads = LineReader.method(:read)) = new(text, reads).lines

      def initialize(text, reads, depth: 0)
        @text = text
        @reads = reads
        @depth = depth
      end

      # Array of texts.
      def lines
        return [@text] if @depth >= MOST || @text.length > LineReader::MAX_LENGTH || !@text.valid_encoding?

        both_of_it || refused || tail || [@text]
      end

      private

      def both_of_it
        found = ZEST_AND_JUICE.match(@text) or return
        [found[:first], found[:second]].map { |part| "#{part} of #{found[:what]}" }
      end

      # Where the reader itself says that a second thing begins.
      def refused
        fault = @reads.call(@text).fault
        return unless fault&.code == :two_ingredients && fault.from.positive?

        head = @text[0...fault.from].sub(/[\s,]*(?:\+|&|and|plus|with)?\s*\z/i, "")
        [*again(head), *again(@text[fault.from..])].reject(&:empty?) if @reads.call(head).terms.any?
      end

      def tail
        joints = []
        @text.scan(PLACE) { joints << Regexp.last_match }
        return if joints.empty? || joints.size > MOST

        joints.lazy.filter_map { |joint| parted(joint.pre_match, joint[0].strip, joint.post_match) }.first
      end

      # [lines before the joint, lines behind it], nil where it parts nothing.
      def parted(before, joint, behind)
        near = NEAR.match(before)
        done = near.pre_match + DONE.match(near[0]).pre_match
        return if near[0].match?(NOT_IN_IT) && !joint.match?(/\A(?:plus|\+)/i)

        head = done.strip.delete_suffix("(").rstrip
        reading = @reads.call(head)
        return if !reading.readable? || (reading.terms.empty? && reading.weight.nil?)

        rest, closed = closing(behind, before)
        more(rest, reading, joint)&.then { |line| return [head + closed, line] }
        [*again(head + closed), *again(rest)] if thing?(rest, joint)
      end

      # What stands behind the joint up to the bracket that holds it, and what follows the bracket.
      def closing(behind, before)
        return [behind.strip, ""] unless before.count("(") > before.count(")")

        inside, _, after = behind.partition(")")
        [inside.strip, after.rstrip]
      end

      # It is an amount of something, and no length, time or number of cuts.
      def thing?(rest, joint)
        return false if rest.match?(LENGTH_OR_TIME)

        reading = @reads.call(rest)
        return reading.fault.code == :two_ingredients unless reading.readable?
        return false if reading.name.match?(/\A(?:more|extra|of (?:it|them)|for|to)\b/i)

        reading.terms.any? { |term| term.unit || term.grams } || (reading.terms.any? && !joint.match?(INTO))
      end

      # More of the thing itself, for what is said: a line of its own.
      def more(rest, reading, joint)
        found = MORE.match(rest) or return
        return unless joint.match?(/\A(?:plus|and|\+|&)/i) && !reading.name.empty?

        unit = reading.terms.last&.unit&.names&.at(1) if found[:amount].match?(NUMBER)
        return unless unit || @reads.call(found[:amount]).fault&.code == :of_what

        [found[:amount].strip, unit, reading.name, found[:what]].compact.join(" ")
      end

      def again(text) = self.class.new(text, @reads, depth: @depth + 1).lines
    end
  end
end
