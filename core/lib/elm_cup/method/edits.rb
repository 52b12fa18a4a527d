# frozen_string_literal: true

module ElmCup
  module Method
    # What a cook set otherwise in the steps that were drafted: the document's own `steps`, which hold nothing else.
    class Edits
      # Members of a Step by the key of a document that sets them.
      PLAIN = {"text" => :text, "right_when" => :right_when, "uses" => :uses, "dropped" => :dropped}.freeze

      # said: Hashes of the document.
      def initialize(said)
        @said = said
      end

      # A Graph of drafted Steps with the edits in it. Steps that the formula no longer asks for, and that were edited, stay.
      def graph(drafted)
        graph = Graph.new(drafted)
        in_turn.each { |said| graph.key?(said["id"]) ? edit(graph, said) : add(graph, said) }
        graph
      end

      # Ids of steps that are each said to come after the next of them; none where there is no such circle.
      def circle
        return @circle if defined?(@circle)

        left = @said.map { |said| said["id"] } - in_turn.map { |said| said["id"] }
        @circle = left.empty? ? [] : around(left)
      end

      # What is said of a step, nil for nothing.
      def text(id) = @said.find { |said| said["id"] == id }&.fetch("text", nil)

      private

      # What is said, those after which others come before these.
      def in_turn
        @in_turn ||= begin
          left = @said.dup
          done = []
          while (said = left.find { |each| (after(each) & left.map { |other| other["id"] }).empty? })
            done << left.delete(said)
          end
          done
        end
      end

      def after(said) = (said["after"] || []) - [said["id"]]

      def around(left)
        way = [left.first]
        way << (after(@said.find { |said| said["id"] == way.last }) & left).first until way.uniq.size < way.size
        way.drop(way.index(way.last))
      end

      def edit(graph, said)
        graph.change(edited(graph[said["id"]], said))
        return unless placed?(graph, said)

        graph.pull(said["id"])
        graph.insert(graph[said["id"]], known(graph, said))
      end

      # A step of the cook's own, or one that the formula asked for once.
      def add(graph, said)
        row = Row.all[said["step"]]
        base = Step.new(id: said["id"], step: row ? said["step"] : Step::OWN, text: said["text"] || row&.plain || said["id"],
          component: said["component"], hands: row&.hands || Hands.none, wait: row&.wait, uses: row&.uses || [].freeze,
          right_when: row&.plain_right_when, source: "cook", asked: false)
        after = placed?(graph, said) ? known(graph, said) : [graph.order.last].compact
        graph.insert(edited(base, said), after)
      end

      # It is said where it stands; what came after steps that are all gone stands where it would without a word.
      def placed?(graph, said) = said.key?("after") && (said["after"].empty? || known(graph, said).any?)

      # Ids that there are.
      def known(graph, said) = said["after"].select { |id| graph.key?(id) && id != said["id"] }

      def edited(step, said)
        changes = PLAIN.filter_map { |key, member| [member, said[key]] if said.key?(key) }.to_h
        changes[:hands] = Hands.said(said["hands_minutes"]) if said.key?("hands_minutes")
        changes[:turns] = turns(step, said["hands_minutes"]) if said.key?("hands_minutes") && step.turns.any?
        changes[:wait] = wait(step, said["wait"]) if said.key?("wait")
        names = changes.keys - [:turns]
        names << :after if said.key?("after")
        step.with(**changes, source: (names & %i[text hands wait]).any? ? "cook" : step.source, edited: names.map(&:to_s).freeze,
          drafted: step.asked ? drafted(step, names - %i[dropped after]) : {}.freeze)
      end

      def drafted(step, names) = step.drafted.merge(names.to_h { |name| [name.to_s, step.public_send(name)] }).freeze

      # Sets take their shares of what the cook says of all of them.
      def turns(step, minutes)
        all = step.turns.sum
        shares = step.turns.map { |each| (each * minutes / all).floor }
        missing = minutes.ceil - shares.sum
        shares.each_with_index.map { |each, at| each + ((at < missing) ? 1 : 0) }
      end

      def wait(step, said)
        return if said.nil?

        was = step.wait || Wait.none
        least = said.fetch("least", was.least)
        band = said["band"] || (said.key?("least") ? [least, least] : was.band)
        greatest = was.greatest && [was.greatest, least].max
        Wait.new(least: least, greatest: said.fetch("greatest", greatest), place: said.fetch("place", was.place), band: band,
          source: "cook")
      end
    end
  end
end
