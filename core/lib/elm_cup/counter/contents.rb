# frozen_string_literal: true

module ElmCup
  module Counter
    # What the bowl of one part holds: three figures that are never mixed. Planned is what is written; now is what went in, as it was
    # weighed and with what was taken out; finished is that and what is still to come. Source: docs/model.md, At the counter.
    class Contents
      # Tens of a gram are nothing.
      LEAST_GRAMS = 0.05

      # part: Assessment::Part; state: Observation::State of the batch; leading: it is the part that is meant where none is named.
      # A line that is not read has no place in it.
      def initialize(part, state, leading: true)
        @part = part
        @leading = leading
        @scale = Rational(state.scale.to_s)
        @planned = planned_lines
        @targets = @planned.to_h { |held| [held.pointer, held] }
        @in = {}
        @out = {}
        @additions = 0
        state.happened.each { |kind, data| take(kind, data) }
        freeze
      end

      # Helds of what is written, at the scale of the batch.
      attr_reader :planned

      # Helds of what is in.
      def now = @in.values.select { |held| held.grams > LEAST_GRAMS }

      # Helds of what is in and of what is still to come, as it is planned now.
      def finished = now + to_come

      # Helds of lines that are not in yet, nor left out.
      def to_come = @targets.reject { |pointer, _| @in.key?(pointer) || @out.key?(pointer) }.values

      # Every line is in, or left out.
      def all_in? = to_come.empty?

      # What a rescue works on: what is in once all is, else what will be.
      def judged = all_in? ? now : finished

      # [actual grams, planned grams] of the line of a pointer; actual nil while it is not in.
      def grams(pointer) = [@in[pointer]&.grams, @targets[pointer]&.grams]

      # Pointers of Helds that the pointer of a line, or of a share of another part, stands for.
      def pointers(pointer) = @targets.keys.select { |each| each == pointer || each.start_with?("#{pointer}#") }

      # It is left out.
      def left_out?(pointer) = pointers(pointer).any? { |each| @out.key?(each) }

      # Grams of all that is in.
      def grams_now = now.sum(&:grams)

      private

      def planned_lines
        own = @part.lines.each_with_index.map { |line, at| [line, "#{@part.lines_at}/#{at}"] }
        taken = @part.takings.select(&:known?).flat_map { |taking| taking.lines(@part.process).map { |line| [line, taking.at] } }
        (own + group(taken)).select { |line, _| line.read? && line.grams.positive? }
          .map { |line, pointer| Held.new(line: line.times(@scale), spread: Observation::AmountSpread.written(line), pointer: pointer) }
      end

      # What is taken of another part goes in as one: its lines under one pointer each.
      def group(taken) = taken.each_with_index.map { |(line, at), index| [line, "#{at}##{index}"] }

      def take(kind, data)
        case kind
        when "weighed" then set(data, Observation::AmountSpread.weighed(data["grams"].to_f, data["sd"])) if data["grams"]
        when "measured" then measured(data)
        when "left_out" then leave_out(data["line"])
        when "rescaled" then rescale(data)
        when "addition" then add(data)
        when "removed" then remove(data)
        end
      end

      def mine?(data) = data["component"] ? data["component"] == @part.name : @leading

      def set(data, spread)
        places = pointers(data["line"])
        planned = places.sum { |each| @targets[each].grams }
        return unless planned.positive?

        places.each { |each| @out.delete(each) }
        return places.each { |each| @in.delete(each) } if data["grams"].zero? && data["mode"] != "add"

        before = (data["mode"] == "add") ? places.sum { |each| @in[each]&.grams || 0.0 } : 0.0
        factor = (before + data["grams"]) / planned
        places.each { |each| @in[each] = @targets[each].times(factor).with(spread: spread) }
      end

      # By the spoon, or just in.
      def measured(data)
        return set(data, data["w"] || Observation::AmountSpread::SPOON) if data["grams"]

        pointers(data["line"]).each do |each|
          @out.delete(each)
          @in[each] = @targets[each].with(spread: data["w"] || Observation::AmountSpread::BY_EYE)
        end
      end

      def leave_out(pointer)
        pointers(pointer).each do |each|
          @out[each] = true
          @in.delete(each)
        end
      end

      def rescale(data)
        data["lines"].flat_map { |pointer| pointers(pointer) }.each { |each| @targets[each] = @targets[each].times(data["factor"]) }
      end

      def add(data)
        return unless mine?(data)

        line = @part.resolver.resolve(data["text"], **{chosen: data["ingredient"]}.compact)
        return unless line.read? && line.grams.positive?

        line = line.times(data["grams"] / line.grams.to_f) if data["grams"]&.positive?
        spread = data["w"] || (Observation::AmountSpread.weighed(line.grams, data["sd"]) if data["sd"])
        spread ||= Observation::AmountSpread.written(line)
        @in["addition #{@additions += 1}"] = Held.new(line: line, spread: spread, addition: true)
      end

      # It goes in the proportions that the bowl has then.
      def remove(data)
        return unless mine?(data)

        grams = @in.values.sum(&:grams)
        left = grams.positive? ? [1 - data["grams"] / grams, 0.0].max : 0.0
        @in.transform_values! { |held| held.times(left) }
      end
    end
  end
end
