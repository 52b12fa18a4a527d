# frozen_string_literal: true

module ElmCup
  module Exchange
    # What a recipe's method says of the coat: how it goes on, and which part it is made of.
    class RecipeCoat
      CHOC = /(?:chocolate|candy melts?|coating|shell|glaze|ganache|melted)/i
      HALF = /\bdip\w*\b[^.;]{0,30}?\bhalf(?:way|-way)?\b|\bhalf[\s-]dip\w*|\bhalf of each\b[^.;]{0,20}?\bdip|\bdip\w*\b[^.;]{0,20}?\b(?:one (?:end|side)|the (?:tops?|bases?|bottoms?|ends?))\b/i
      DIP = /\b(?:dip|dunk|enrobe|coat|cover)\w*\b[^.;]{0,60}?\b(?:in|into|with)\b[^.;]{0,30}?#{CHOC}|\b(?:dip|dunk)\w*\b/i
      DRIZZLE = /\b(?:drizzl\w+|zig-?zags?|strip(?:e|es|ing)\b[^.;]{0,30}?#{CHOC})/i
      SPREAD = /\b(?:spread|pour|smooth|cover|top)\w*\b[^.;]{0,60}?#{CHOC}[^.;]{0,50}?\b(?:over|on|onto|top|the (?:base|slab|filling|caramel|layer))\b|\b(?:pour|spread)\w*\s+(?:it\s+)?over\b|\btop(?:ped)? with[^.;]{0,20}?#{CHOC}/i
      CUP = /\b(?:spoon|pour|brush|put|drop)\w*\b[^.;]{0,50}?#{CHOC}[^.;]{0,50}?\b(?:cases?|cups?|liners?|moulds?|molds?|cavit\w+)\b|\bline\w*\b[^.;]{0,40}?\b(?:cases|cups?|liners|mou?lds?|cavit\w+)\b[^.;]{0,20}?\bwith\b[^.;]{0,30}?#{CHOC}/i
      ROLL = /\b(?:roll|toss|coat|dust)\w*\b[^.;]{0,40}?\b(?:in|into|with)\s+(?:the\s+|some\s+|more\s+|extra\s+|a little\s+)?(?:[a-z-]+\s+){0,3}?(?:coconut|cocoa|cacao|nuts?|almonds|pistachios|hazelnuts|walnuts|seeds|sprinkles|sugar|crumbs|matcha|topping|nibs)\b/i
      TWICE = /\b(?:second|another|two) (?:coats?|layers?|dips?)\b|\bdip (?:them )?(?:again|twice)\b/i
      # Mixed into the dough: then it is no coat.
      MIXED = /\b(?:add|fold|mix|stir|combine|process|blend|beat|blitz)\w*\b[^.;]{0,50}?\bchocolate\b|\bchocolate\b[^.;]{0,30}?\b(?:and|with)\b[^.;]{0,30}?\b(?:butter|oats|dates|biscuits?|syrup|honey)\b/i
      # What is mixed is not told one by one.
      EVERYTHING = /\b(?:everything|ingredients|remaining)\b|\bthe (?:rest|others)\b|\b(?:mix|blend|blitz|process|combine) (?:it )?all\b/i
      CHOCOLATE_LINE = /\bchocolate\b|\bcandy melts?\b/i
      HELPER_LINE = /\bcoconut oil\b|\bcocoa butter\b/i

      # texts: steps, in their order; parts: components (Hashes), whose lines may move; remarks: where what is taken is said.
      def initialize(texts, parts, remarks)
        @texts = texts
        @all = texts.join("\n")
        @parts = parts
        @remarks = remarks
      end

      # The coat of a document (Hash), nil where nothing is said of one or nothing is there to coat with; shape: id of a kind, nil for none.
      def found(shape)
        kind, match = told(shape)
        return unless kind

        part = part_for(kind, match) or return
        twice = kind == "dip" && @all.match?(TWICE)
        @remarks << "“#{match[0].gsub(/\s+/, " ").strip[0, 60]}” is taken as #{Coating::Kind.all.fetch(kind).words} with #{part["name"]}"
        {"kind" => kind, "component" => part["name"], "coats" => twice ? 2 : nil}.compact
      end

      private

      def told(shape)
        ways = {"cup" => CUP, "half_dip" => HALF, "dip" => DIP, "spread" => SPREAD, "drizzle" => DRIZZLE, "roll" => ROLL}
        ways = ways.except("cup") unless %w[cup mould].include?(shape)
        ways = ways.except("spread") if %w[ball egg cookie log].include?(shape)
        ways.each { |kind, pattern| pattern.match(@all)&.then { |match| return [kind, match] } }
        nil
      end

      # What is poured over a base may be anything that was melted: only chocolate that is named in the sentence, or dipped into, is taken
      # out.
      def part_for(kind, match)
        type = (kind == "roll") ? "topping" : "coating"
        there = @parts.find { |part| part["type"] == type && part["lines"].any? }
        return there if there
        return rolled_in(match[0]) if type == "topping"

        moved if %w[dip half_dip drizzle].include?(kind) || sentence(match).match?(/chocolate/i)
      end

      # The sentence that a match stands in.
      def sentence(match) = "#{match.pre_match[/[^.;\n]*\z/]}#{match[0]}#{match.post_match[/\A[^.;\n]*/]}"

      # What pieces are rolled in, where it stands among the lines of a part and nothing else is done with it.
      def rolled_in(words)
        thing = words.scan(/[[:alpha:]]+/).last.downcase.delete_suffix("s")
        named = /\b#{Regexp.escape(thing)}/i
        return if @all.match?(EVERYTHING) || @all.scan(named).size > 1

        homes = @parts.select { |part| part["lines"].size > 1 && part["lines"].any? { |line| line["text"].match?(named) } }
        home = homes.first
        return unless homes.size == 1 && Document::PartType[home["type"]].judged?

        lines, rest = home["lines"].partition { |line| line["text"].match?(named) }
        put_apart("topping", home, lines, rest) if lines.size == 1
      end

      # The chocolate that stands among the other lines of a part, where the method only melts it to coat with.
      def moved
        return if @all.match?(MIXED)

        homes = @parts.select { |part| part["lines"].any? { |line| line["text"].match?(CHOCOLATE_LINE) } && part["lines"].size > 1 }
        home = homes.first
        return unless homes.size == 1 && Document::PartType[home["type"]].judged?

        chocolate, rest = home["lines"].partition { |line| line["text"].match?(CHOCOLATE_LINE) }
        return if chocolate.size > 1 || rest.empty?

        take_out(home, chocolate, rest)
      end

      # The oil that stands right behind the chocolate thins it.
      def take_out(home, chocolate, rest)
        at = home["lines"].index(chocolate.first)
        oil = home["lines"][at + 1]
        coat = chocolate + ((oil && oil["text"].match?(HELPER_LINE)) ? [oil] : [])
        return if (rest - coat).empty?

        put_apart("coating", home, coat, rest - coat)
      end

      # A part of its own of lines that stood among others.
      def put_apart(type, home, lines, rest)
        home["lines"] = rest
        taken = @parts.any? { |part| part["name"] == type }
        @remarks << "“#{lines.map { |line| line["text"] }.join("”, “")}” goes into a #{type} of its own, by the method"
        {"name" => taken ? "#{type} 2" : type, "type" => type, "process" => "hand", "lines" => lines}.tap { |part| @parts << part }
      end
    end
  end
end
