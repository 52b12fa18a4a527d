# frozen_string_literal: true

module ElmCup
  module Method
    # One change to the steps of a formula document, as the screens make them: a new document, whose `steps` hold what differs from the
    # draft and nothing else.
    #   {"kind": "set", "id", "set": {…}}     keys of a step of the document: text, hands_minutes, wait, right_when, uses
    #   {"kind": "drop" | "restore" | "reset", "id"}     left out, taken in again, as it was drafted (a step of the cook's own is gone then)
    #   {"kind": "add", "after": id or null, "step", "text"}     a step of the cook's own, or of a kind
    #   {"kind": "move", "id", "to"}     to another place in the list, counted from 0
    class Change
      KINDS = %w[set drop restore reset add move].freeze
      SETS = %w[text hands_minutes wait right_when uses].freeze
      OWN = "own"
      # Minutes that are taken for a step of the cook's own, until she says.
      OWN_MINUTES = 5

      # Hash: formula, the document that it makes; words of what was done; id of the step. InvalidDocument where it cannot be made.
      def self.call(assessment, document, said) = new(assessment, document, said).answer

      def initialize(assessment, document, said)
        @steps = Steps.new(assessment).all
        @document = document
        @stored = (document["steps"] || []).map(&:dup)
        @said = said
      end

      def answer
        InvalidDocument.refuse("", :not_object, given: JsonFaults.name_of(@said)) unless @said.is_a?(Hash)
        one_of("/kind", @said["kind"], KINDS)
        words = send(@said["kind"])
        document = @stored.empty? ? @document.except("steps") : @document.merge("steps" => @stored)
        Document::Schema.check(document)
        {"formula" => document, "words" => words, "id" => @id || @said["id"]}
      end

      private

      def one_of(pointer, given, choices)
        return if choices.include?(given)

        InvalidDocument.refuse(pointer, :not_one_of, given: JsonFaults.shown(given), choices: choices.join(", "))
      end

      # The Step that is said.
      def step
        @step ||= @steps.find { |each| each.id == @said["id"] } || InvalidDocument.refuse("/id", :no_such_step, id: @said["id"].to_s)
      end

      # What the document has of it; it is made where there is nothing.
      def entry
        @stored.find { |each| each["id"] == step.id } || {"id" => step.id, "step" => step.step}.tap { |fresh| @stored << fresh }
      end

      def name = "“#{step.text}”"

      def set
        keys = @said["set"]
        InvalidDocument.refuse("/set", :not_object, given: JsonFaults.name_of(keys)) unless keys.is_a?(Hash)
        unknown = keys.keys - SETS
        InvalidDocument.refuse("/set/#{unknown.first}", :unknown_key, key: unknown.first, whole: "a step") if unknown.any?

        old = name
        entry.merge!(keys)
        "Changed #{old}"
      end

      def drop
        entry["dropped"] = true
        "Left out #{name}"
      end

      def restore
        entry.delete("dropped")
        forget_plain
        "Took #{name} in again"
      end

      def reset
        @stored.reject! { |each| each["id"] == step.id }
        hand_on unless step.asked
        step.asked ? "#{name} is as it was drafted" : "Took out #{name}"
      end

      # What came after a step of the cook's own that is gone comes after what that came after.
      def hand_on
        @stored.each do |each|
          next unless each["after"]&.include?(step.id)

          each["after"] = each["after"].flat_map { |id| (id == step.id) ? step.after : [id] }.uniq
        end
      end

      # An entry that says nothing any more.
      def forget_plain = @stored.reject! { |each| each["id"] == step.id && (each.keys - %w[id step]).empty? && step.asked }

      def add
        after = @said["after"]
        InvalidDocument.refuse("/after", :no_such_step, id: after.to_s) unless after.nil? || @steps.any? { |each| each.id == after }

        kind = @said["step"] || OWN
        one_of("/step", kind, [OWN, *Row.all.keys])
        @id = free_id(kind)
        @stored << {"id" => @id, "step" => kind, "text" => @said["text"], "after" => [after].compact,
                    "hands_minutes" => (OWN_MINUTES if kind == OWN)}.compact
        "Added “#{@said["text"] || kind.tr("_", " ")}”"
      end

      def free_id(kind)
        taken = (@stored + @steps.map { |each| {"id" => each.id} }).map { |each| each["id"] }
        (kind == OWN || taken.include?(kind)) ? (1..).lazy.map { |number| "#{kind}-#{number}" }.find { |id| !taken.include?(id) } : kind
      end

      def move
        to = @said["to"]
        InvalidDocument.refuse("/to", :not_whole, given: JsonFaults.name_of(to)) unless to.is_a?(Integer)

        others = @steps - [step]
        before = others[[to, others.size].min - 1] if to.positive?
        entry["after"] = [before&.id].compact
        before ? "#{name} now comes after “#{before.text}”" : "#{name} now comes first"
      end
    end
  end
end
