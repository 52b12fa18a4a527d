# frozen_string_literal: true

module ElmCup
  module Proposal
    # A formula that is read, as a Balance::Situation: its lines as amounts, what may come in, its parts.
    class SituationReader
      # A part of the document: ReadComponent, its index among the parts, the share of it that is rolled into pieces, the flavour's bowl that it is of.
      Place = Value.of(:read, :at, :in_piece, :bowl)
      # Where an amount stands: the pointer of its line in the document, or of the list that it would join; the line itself.
      Spot = Value.of(:place, :pointer, :line, :said)

      attr_reader :situation, :spots

      # read: Assessment::ReadFormula, every line read; document: its Hash; wishes: Balance::Wishes; helpers: Helpers; only: the id that alone
      # may stand in for what goes, nil for any; helped: helpers may come in; most: ingredient id => grams that there are; shares: ingredient
      # id => the most of everything that it may be.
      def initialize(read, document, wishes, helpers, only: nil, helped: true, most: {}, shares: {})
        @read = read
        @document = document
        @wishes = wishes
        @helpers = helpers
        @only = only
        @helped = helped
        @most = most
        @shares = shares
        @library = read.library
        @spots = {}
        @situation = make
      end

      private

      def make
        lines = places.flat_map { |place| lines(place) }
        helped = @helped ? helpers(lines) : [lines, []]
        parts = places.map { |place| Balance::Part.new(name: place.read.name, type: place.read.component.type, number: place.read.mix&.saturation&.number) }
        leading = Document::Leading.name(@read.formula.components.map { |part| {"name" => part.name, "type" => part.type} })
        Balance::Situation.new(amounts: helped.first, candidates: helped.last + stand_ins(lines), parts: parts,
          leading: parts.index { |part| part.name == leading }, pieces: pieces, shares: @shares)
      end

      # Components first, then the flavours' own lines and toppings.
      def places
        @places ||= begin
          flavours = @read.flavours.each_with_index.flat_map { |flavour, bowl| [[flavour.folded, 1.0, bowl], [flavour.topping, 0.0, bowl]] }
          (@read.components.map { |part| [part, in_piece(part), nil] } + flavours).each_with_index.map { |(part, share, bowl), at| Place.new(read: part, at: at, in_piece: share, bowl: bowl) }
        end
      end

      # What is left of a component, where that is rolled, and what others that are rolled take of it.
      def in_piece(part)
        @in_piece ||= {}
        @in_piece[part.object_id] ||= begin
          own = part.in_piece? ? @read.left(part).to_f : 0.0
          own + @read.components.sum { |taker| taker.taken.select { |taken| of?(taken, part) }.sum { |taken| taken.fraction.to_f * in_piece(taker) } }
        end
      end

      def of?(taken, part) = taken.known? && taken.source.equal?(part)

      def pieces
        shape = @read.formula.shape or return
        kind, size = if shape.pieces
          [:count, shape.pieces]
        else
          (shape.piece_grams ? [:grams, shape.piece_grams] : [:scoop, shape.scoop_ml])
        end
        Balance::Pieces.new(kind: kind, size: size, shares: rolled_shares)
      end

      # As Assessment::PieceParts divides it: flavours in their order, then what stays plain.
      def rolled_shares
        given = @read.flavours.map { |flavour| flavour.split.share }
        rest = 1 - given.sum
        [*given, *(rest if rest > Assessment::PieceParts::NOTHING)].map(&:to_f)
      end

      def lines(place)
        place.read.lines.each_with_index.map do |line, at|
          pointer = "#{place.read.lines_at}/#{at}"
          steps = Balance::Steps.of(line, place.read.measures, @library)
          @spots[pointer] = Spot.new(place: place, pointer: pointer, line: line, said: said(pointer))
          amount(pointer, place, :line, line, steps, fixed_grams: steps ? nil : line.grams.to_f)
        end
      end

      def said(pointer) = pointer.split("/").drop(1).reduce(@document) { |part, key| part.is_a?(Array) ? part[key.to_i] : part[key] }

      def amount(id, place, role, line, steps, **more)
        Balance::Amount.new(id: id, part: place.at, role: role, entry: line.entry, steps: steps, per_gram: PerGram.of(line), in_piece: place.in_piece, bowl: place.bowl,
          heated: line.heated?, binding: binding(place, line), name: line.entry.name.downcase, cap_grams: @most[line.entry.id]&.to_f, **more)
      end

      # mL per gram in the part it stands in and in those that take of that: sources come before their takers, and what reaches a part by
      # several ways in the same form goes on as one.
      def binding(place, line)
        reached = Hash.new { |all, at| all[at] = {} }
        put(reached[place.at], line, 1.0)
        in_order.each_with_object({}) do |here, found|
          reached.fetch(here.at, {}).each_value do |each, share|
            found[here.at] = figures(here, each).map { |figure| figure * share }.zip(found.fetch(here.at, [0.0] * 4)).map(&:sum) if here.read.mix && !each.grams.zero?
            takers(here).each { |other, taken| put(reached[other.at], taken.carried(each, other.read.component.process), share * taken.fraction.to_f) }
          end
        end
      end

      def put(lines, line, share)
        form = [line.form, line.form_named, line.melted]
        lines[form] = [line, share + (lines[form]&.last || 0.0)]
      end

      # [Place, Taken] of all that take of a place.
      def takers(place)
        @takers ||= {}
        @takers[place.at] ||= places.flat_map { |other| other.read.taken.select { |taken| of?(taken, place.read) }.map { |taken| [other, taken] } }
      end

      # Places with sources before what takes of them.
      def in_order = @in_order ||= places.sort_by { |place| [depth(place.read), place.at] }

      def depth(read)
        @depths ||= {}
        @depths[read.object_id] ||= read.taken.map { |taken| 1 + depth(taken.source) }.max || 0
      end

      def figures(place, line)
        portion = place.read.mix.portion_of(line)
        [portion.a_per_gram, portion.b_per_gram, portion.o_per_gram, portion.d_per_gram]
      end

      # [lines, candidates]: what a part has already may grow as far as it could come in.
      def helpers(lines)
        candidates = []
        places.select { |place| helped?(place) }.product(@helpers.rows).each do |place, (row, entry)|
          steps, most = @helpers.steps(row, entry, place.read.grams, place.read.measures)
          next unless steps

          at = lines.index { |amount| amount.part == place.at && amount.entry == entry && amount.steps }
          at ? lines[at] = grown(lines[at], place) : candidates << helper(place, row, entry, steps, most)
        end
        [lines, candidates]
      end

      # A coat is melted and a topping strewn: nothing is stirred into either.
      def helped?(place) = place.read.want && place.read.mix && @read.components.include?(place.read)

      def grown(amount, place) = amount.with(most_up: (place.read.grams * Helpers::MOST / (amount.steps.step * amount.steps.grams_per)).floor)

      def helper(place, row, entry, steps, most)
        line = place.read.resolver.resolve("#{steps.text(1)} #{row["words"]}", chosen: entry.id)
        id = "#{place.read.lines_at}/-#{entry.id}"
        @spots[id] = Spot.new(place: place, pointer: "#{place.read.lines_at}/-", line: line, said: {"text" => line.text, "ingredient" => entry.id})
        amount(id, place, :helper, line, steps, most_up: most)
      end

      # For every line that a wish may send away.
      def stand_ins(lines)
        going = lines.select { |amount| @wishes.any? { |wish| wish.forbids?(amount.entry, heated: amount.heated) } }
        going.flat_map { |amount| instead(amount) }
      end

      def instead(amount)
        spot = @spots[amount.id]
        line = spot.line
        return [] if line.grams.zero?

        portion = spot.place.read.mix&.portions&.find { |each| each.line.equal?(line) }
        choice = StandIns.new(@library) { |entry| @helpers.here?(entry) && @helpers.fits?(entry) && (@only.nil? || entry.id == @only) }
        choice.for(line, portion).filter_map { |entry, times| stand_in(amount, spot, entry, times) }
      end

      def stand_in(amount, spot, entry, times)
        words = StandInWords.call(spot.line, amount.steps, entry, times, spot.place.read.resolver) or return
        line = spot.place.read.resolver.resolve(words, chosen: entry.id)
        steps = line.read? ? Balance::Steps.of(line, spot.place.read.measures, @library) : nil
        return unless steps

        id = "#{amount.id}-#{entry.id}"
        @spots[id] = Spot.new(place: spot.place, pointer: spot.pointer, line: line, said: {"text" => words, "ingredient" => entry.id})
        amount(id, spot.place, :instead, line, steps, instead_of: amount.id)
      end
    end

    # A line's amount of another ingredient, in words that can be read: "1/2 cup sunflower seed butter".
    module StandInWords
      # The text; nil where nothing can be written that reads. times: how many times the grams.
      def self.call(line, steps, entry, times, resolver)
        name = entry.names.first || entry.name.downcase
        form = line.form_named ? ", #{line.form}" : ""
        melted = line.melted ? ", melted" : ""
        grams = "#{RestatedLine.number(line.base_grams * times)} g"
        same = (steps && times == 1 && %i[millilitres ounces].include?(steps.kind)) ? steps.text(0) : grams
        [same, grams].uniq.flat_map { |amount| ["#{amount} #{name}#{melted}#{form}", "#{amount} #{name}#{melted}", "#{amount} #{name}"] }.find do |text|
          resolver.resolve(text, chosen: entry.id).read?
        end
      end
    end
  end
end
