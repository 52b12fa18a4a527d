# frozen_string_literal: true

module ElmCupServer
  # The form "Made it" as events. What was added in the bowl is read by the core; text that cannot be read is kept as typed.
  class MadeIt
    # record: the checked body of POST /api/batches; cup: the cup standard of the formula's kitchen, nil for the usual one.
    def initialize(record, cup: nil)
      @record = record
      @cup = cup || "us"
    end

    # [kind, payload] in the order they are kept.
    def events
      weighed + added + said("seen", "texture") + said("yielded", "pieces") + said("took", "minutes") + said("noted", "note")
    end

    private

    def weighed
      @record.fetch("lines", []).map { |line| ["weighed", line.slice("component", "text", "planned_grams", "actual_grams")] }
    end

    def added
      @record.fetch("additions", []).map do |text|
        line = ElmCup.read_line(text, cup: @cup, pantry: Pantry.library)
        ["added", {"text" => text, "grams" => line["grams"], "ingredient" => line["ingredient"]}.compact]
      end
    end

    def said(kind, key)
      value = @record[key]
      (value.nil? || value == "") ? [] : [[kind, {key => value}]]
    end
  end
end
