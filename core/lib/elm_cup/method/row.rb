# frozen_string_literal: true

module ElmCup
  module Method
    # A kind of step: a row of core/data/method_steps.csv.
    #   step, words     its id; what is done, %{…} taking what there is
    #   fixed, each     hands-on minutes, and so many more for each of what `per` names      spread  share that they may be off by
    #   more            minutes more where chocolate is tempered      out  minutes of taking it out again
    #   band, greatest  minutes of the wait behind it: [least, most], nil for none; how long it may be at most, nil for as long as one likes
    #   uses, keeps     resources while it is done, and during the wait (nil for none)      right_when  how one knows
    # Source: docs/model.md, Steps: common practice, with one pair of hands.
    Row = Value.of(:step, :words, :fixed, :each, :per, :spread, :more, :out, :band, :greatest, :uses, :keeps, :right_when, :source) do
      self::NUMBERS = {fixed: "fixed_minutes", each: "each_minutes", spread: "spread_pct", more: "more_minutes", out: "out_minutes"}.freeze

      def self.from(row)
        band = [row["wait_low"], row["wait_high"]].compact.map(&:to_i)
        new(step: row["step"], words: row["words"], per: row["per"], band: (band.freeze if band.any?), greatest: row["greatest"]&.to_i,
          uses: DataTable.list(row["uses"]), keeps: row["keeps"], right_when: row["right_when"], source: row["source"],
          **self::NUMBERS.transform_values { |column| row[column].to_r })
      end

      # Hands of so many of what it is counted by; more: with what tempering takes.
      def hands(count = 1, more: false)
        hands_of(fixed + each * count + (more ? self.more : 0))
      end

      # Hands of so many minutes of it.
      def hands_of(minutes)
        share = spread / 100
        Hands.new(minutes: minutes.ceil, low: minutes * (1 - share), high: minutes * (1 + share), source: self.class::PRACTICE)
      end

      # What is done, without what it is done to.
      def plain = without_facts(words)

      # The same of how one knows; nil where nothing tells.
      def plain_right_when = right_when && without_facts(right_when)

      def without_facts(text) = format(text, Hash.new("")).squeeze(" ").strip
      private :without_facts

      # Its Wait; nil where the next step comes as it likes.
      def wait
        return unless band || greatest || keeps

        least = band&.last || 0
        Wait.new(least: least, greatest: greatest, place: keeps, band: band || [0, 0].freeze, source: self.class::PRACTICE)
      end

      # [step, words] of every kind of step that a cook can ask for.
      def self.all = self::ALL
    end
    Row::PRACTICE = "practice"
    Row::ALL = DataTable.rows("method_steps").to_h { |row| [row["step"], Row.from(row)] }.freeze
  end
end
