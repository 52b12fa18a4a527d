# frozen_string_literal: true

module ElmCup
  module Counter
    # A formula while it is made: its steps one after another, with what goes in at each and how much of it is in, and what to look at.
    class Making
      # One step. state: nil, "begun", "done" or "skipped"; lines: Weighings; look: name of the part whose texture is looked at then, nil
      # for none.
      Stage = Value.of(:step, :state, :lines, :look) do
        # Nothing is to be done at it any more.
        def over? = self.class::OVER.include?(state)
      end
      Stage::OVER = %w[done skipped].freeze
      # One line that goes in. planned: grams that it is to be; actual: nil while it is not in; tolerance: Tolerance; halves: it goes in by
      # halves; spoons: the same in measures, nil where none comes near; status: "to_come", "in", "left_out" or "unread".
      Weighing = Value.of(:pointer, :component, :text, :ingredient, :planned, :actual, :tolerance, :spoons, :status, halves: false)

      # Steps that are done with the part's last in the bowl: its texture is looked at behind the last of them.
      MIXED = %w[mix_processor mix_hand powder rest flavours].freeze
      BY_HALVES = "powder"

      attr_reader :assessment, :state

      # assessment: Assessment of what is made; state: Observation::State.
      def initialize(assessment, state)
        @assessment = assessment
        @state = state
        @steps = Method::Steps.new(assessment).kept
      end

      # Stages in their order.
      def stages
        @stages ||= @steps.map { |step| Stage.new(step: step, state: state.steps[step.id], lines: lines(step), look: look(step)) }
      end

      # The Stage that is on: begun and not over, else the first that is not over; nil where all is done.
      def current
        open = stages.reject(&:over?)
        open.find { |stage| stage.state == "begun" } || open.first
      end

      # The one after it.
      def upcoming = current && stages.drop(stages.index(current) + 1).find { |stage| !stage.over? }

      # Share of the steps that are over.
      def done = stages.empty? ? 1.0 : stages.count(&:over?).fdiv(stages.size)

      private

      # What no step says goes in at the first.
      def lines(step)
        pointers = step.lines
        pointers = unsaid + pointers if step.equal?(@steps.first)
        pointers.filter_map { |pointer| weighing(pointer, step) }
      end

      def unsaid
        said = @steps.flat_map(&:lines)
        all = @assessment.parts.flat_map { |part| part.pointers + part.takings.map(&:at) }
        all.reject { |pointer| said.include?(pointer) || share?(pointer) }
      end

      # A flavour's share of its base is no line that is weighed.
      def share?(pointer) = pointer.end_with?("/share")

      def weighing(pointer, step)
        return if already?(pointer, step)

        part = part_of(pointer) or return
        at = pointer[/\d+\z/].to_i
        line = pointer.include?("/takes/") ? nil : part.lines[at]
        return unread(pointer, part, line) if line && !(line.read? && line.grams.positive?)

        planned, actual, words = grams(part, pointer, line)
        Weighing.new(pointer: pointer, component: part.name, text: words, ingredient: line&.entry&.id, planned: planned, actual: actual,
          tolerance: (tolerance(part, at, planned) if line), spoons: (spoons(part, line, planned) if line), halves: step.step == BY_HALVES,
          status: status(part, pointer, actual))
      end

      # It goes in once, at the first of the steps that say it.
      def already?(pointer, step) = !@steps.find { |each| each.lines.include?(pointer) }.then { |first| first.nil? || first.equal?(step) }

      def part_of(pointer)
        @assessment.parts.find do |part|
          pointer.start_with?("#{part.lines_at}/") || part.takings.any? { |taking| taking.at == pointer }
        end
      end

      def unread(pointer, part, line)
        Weighing.new(pointer: pointer, component: part.name, text: line.text || line.name.to_s, ingredient: nil, planned: nil, actual: nil,
          tolerance: nil, spoons: nil, status: "unread")
      end

      # [planned, actual, words]
      def grams(part, pointer, line)
        contents = contents_of(part)
        pairs = contents.pointers(pointer).map { |each| contents.grams(each) }
        actual = pairs.filter_map(&:first)
        words = line ? line.label : "from #{part.takings.find { |taking| taking.at == pointer }.take.component}"
        [pairs.sum { |_, planned| planned }, (actual.sum if actual.any?), words]
      end

      def contents_of(part)
        (@contents ||= {}.compare_by_identity)[part] ||= Contents.new(part, state, leading: @assessment.leading.equal?(part))
      end

      def status(part, pointer, actual)
        return "in" if actual

        contents_of(part).left_out?(pointer) ? "left_out" : "to_come"
      end

      def tolerance(part, at, planned)
        Tolerance.of(part, at, grams: planned, cold_set: (@assessment.section("cold").cold_set(part) if part.in_piece?))
      end

      # In spoons and cups; what is counted stays counted.
      def spoons(part, line, planned)
        factor = Rational(planned.to_s) / Rational(line.grams)
        Ingredient::InMeasures.nearest(line.times(factor), part.measures, part.library)&.text
      end

      # The texture of a part is looked at behind the last step that mixes it.
      def look(step)
        part = (@assessment.part(step.component) if step.component && MIXED.include?(step.step))
        return unless part&.want && part.estimable?

        last = @steps.reverse.find { |each| each.component == step.component && MIXED.include?(each.step) }
        part.name if last.equal?(step)
      end
    end
  end
end
