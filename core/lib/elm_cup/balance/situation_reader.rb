# frozen_string_literal: true

module ElmCup
  module Balance
    # A formula that is read, as a Situation: its lines as amounts, what may come in, its parts.
    class SituationReader
      attr_reader :situation, :spots

      # open: OpenFormula; wishes: Wish::Kinds; helpers: Helpers; only: the id that alone may stand in for what goes, nil for any;
      # helped: helpers may come in; most: ingredient id => grams that there are; shares: ingredient id => the most of everything that it
      # may be.
      def initialize(open, wishes, helpers, only: nil, helped: true, most: {}, shares: {})
        @assessment = open.assessment
        @library = open.library
        @wishes = wishes
        @helpers = helpers
        @only = only
        @helped = helped
        @most = most
        @shares = shares
        @said = @assessment.formula.parts.lines.to_h { |line| [line.pointer, line.said] }
        @places = Places.new(@assessment)
        @spots = {}
        @situation = make
      end

      private

      def make
        lines = @places.all.flat_map { |place| lines(place) }
        amounts, candidates = @helped ? helpers(lines) : [lines, []]
        parts = @places.all.map { |place|
          Part.new(name: place.part.name, type: place.part.type.id, number: place.part.mix&.saturation&.number,
            watery: place.part.mix&.watery? || false)
        }
        Situation.new(amounts: amounts, candidates: candidates + stand_ins(lines), parts: parts,
          leading: parts.index { |part| part.name == @assessment.leading.name }, pieces: pieces, shares: @shares)
      end

      def pieces
        shape = @assessment.formula.shape
        shape && Pieces.new(shape: shape, shares: @assessment.formed.map { |formed| formed.share.to_f })
      end

      def lines(place)
        part = place.part
        part.read_lines.map do |line, at|
          pointer = "#{part.lines_at}/#{at}"
          steps = Steps.of(line, part.measures, @library)
          @spots[pointer] = Spot.new(part: part, pointer: pointer, line: line, said: @said[pointer])
          amount(pointer, place, :line, line, steps, portion: part.portion(at), fixed_grams: steps ? nil : line.grams.to_f)
        end
      end

      # portion: the line's own in its part, nil for one that is not in it yet.
      def amount(id, place, role, line, steps, portion: nil, **more)
        Amount.new(id: id, part: place.at, role: role, entry: line.entry, steps: steps, per_gram: PerGram.kept(line, @library),
          shaped: place.shaped, in_piece: place.in_piece,
          bowl: place.bowl, heated: line.heated?, binding: @places.binding(place, line, portion), name: line.entry.name.downcase,
          senses: line.senses, cap_grams: @most[line.entry.id]&.to_f, **more)
      end

      # [lines, candidates]: what a part has already may grow as far as it could come in.
      def helpers(lines)
        candidates = []
        @places.all.select { |place| helped?(place) }.product(@helpers.rows).each do |place, (row, entry)|
          steps, most = @helpers.steps(row, entry, place.part.grams, place.part.measures) if @helpers.sensible?(row, entry, place.part.mix)
          next unless steps

          at = lines.index { |amount| amount.part == place.at && amount.entry == entry && amount.steps }
          at ? lines[at] = grown(lines[at], place) : candidates << helper(place, row, entry, steps, most)
        end
        [lines, candidates]
      end

      # A coat is melted, a topping strewn, and what is folded in is folded in: nothing is stirred into these.
      def helped?(place) = place.bowl.nil? && place.part.want && place.part.mix

      def grown(amount, place)
        amount.with(most_up: (place.part.grams * Helpers::MOST / (amount.steps.step * amount.steps.grams_per)).floor)
      end

      def helper(place, row, entry, steps, most)
        part = place.part
        line = part.resolver.resolve("#{steps.text(1)} #{row["words"]}", chosen: entry.id)
        id = "#{part.lines_at}/-#{entry.id}"
        @spots[id] = Spot.new(part: part, pointer: "#{part.lines_at}/-", line: line, said: {"text" => line.text, "ingredient" => entry.id})
        amount(id, place, :helper, line, steps, most_up: most, come_cost: Helpers.cost(entry, part.mix))
      end

      # For every line that a wish may send away.
      def stand_ins(lines)
        going = lines.select { |amount| @wishes.any? { |wish| amount.forbidden_by?(wish) } }
        going.flat_map { |amount| instead(amount) }
      end

      def instead(amount)
        spot = @spots[amount.id]
        return [] if spot.line.grams.zero?

        choice = StandIns.new(@library) { |entry| @helpers.here?(entry) && @helpers.fits?(entry) && (@only.nil? || entry.id == @only) }
        choice.for(spot.line, portion_of(spot)).filter_map { |entry, times| stand_in(amount, spot, entry, times) }
      end

      def portion_of(spot) = spot.part.portion(spot.pointer.split("/").last.to_i)

      def stand_in(amount, spot, entry, times)
        words = StandInWords.call(spot.line, amount.steps, entry, times, spot.part.resolver) or return
        line = spot.part.resolver.resolve(words, chosen: entry.id)
        steps = line.read? ? Steps.of(line, spot.part.measures, @library) : nil
        return unless steps

        id = "#{amount.id}-#{entry.id}"
        @spots[id] = Spot.new(part: spot.part, pointer: spot.pointer, line: line, said: {"text" => words, "ingredient" => entry.id})
        cost = (entry.family == amount.entry.family) ? Helpers::SWAP : Helpers::LIKE
        amount(id, @places.all[amount.part], :instead, line, steps, instead_of: amount.id, come_cost: cost)
      end
    end
  end
end
