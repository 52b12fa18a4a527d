# frozen_string_literal: true

module ElmCup
  module Balance
    # The sums behind the figures of an answer. Each formula with its inputs put in gives its value again.
    class Sums
      SOURCE = "figures per gram of core/data/ingredients.csv, as the nutrition of the whole is summed (docs/model.md)"
      FIGURES = %w[kcal sugars free_sugars protein fat fibre sweetness cost grams pieces].freeze

      # One sum: figure, value, formula, inputs, labels, source; figures carry seven digits.
      Sum = Value.of(:figure, :value, :formula, :inputs, :labels, :source)

      # problem: Problem; grams: of each of its amounts after the change; found: Search::Found.
      def initialize(problem, grams, found)
        @problem = problem
        @grams = grams
        @found = found
        @rows = problem.rows
        @amounts = problem.situation.all
      end

      # Sums: the size of the change, then every figure that can be wished for and has any.
      def to_a = [size, *FIGURES.filter_map { |key| figure(Wish::Key[key]) }]

      private

      def figure(row)
        ratio = Wish::Kind.kinds.fetch(row.key).new(text: row.key, key: row.key, op: "=", value: 0.0).ratio(@rows) or return
        value = ratio.at(@grams)
        return if value.nil? || (row.key == "cost" && value.zero?)

        terms = terms(ratio.over, row.name)
        under = under(ratio.under)
        Sum.new(figure: row.key, value: digits(value), formula: [terms[:formula], under[:formula]].compact.join(" / "),
          inputs: terms[:inputs].merge(under[:inputs]), labels: terms[:labels].merge(under[:labels]), source: SOURCE)
      end

      # Grams times so much a gram, of every line that has any.
      def terms(linear, name)
        used = @amounts.each_index.select { |at| @grams[at].positive? && !linear.per_gram[at].zero? }
        return {formula: "constant", inputs: {"constant" => digits(linear.constant)}, labels: {"constant" => name}} if used.empty?

        inputs = {}
        labels = {}
        used.each.with_index(1) do |at, number|
          gram, kind = "g#{number}", "k#{number}"
          inputs[gram] = rounded(at)
          inputs[kind] = digits(linear.per_gram[at])
          labels[gram] = weighed(at)
          labels[kind] = "#{name} of one gram"
        end
        {formula: "(#{(1..used.size).map { |number| "g#{number} * k#{number}" }.join(" + ")})", inputs: inputs, labels: labels}
      end

      # Grams of an amount, and what they are called: the same in every sum.
      def rounded(at) = (@rounded ||= {})[at] ||= digits(@grams[at])

      def weighed(at) = (@weighed ||= {})[at] ||= "grams of #{@amounts[at].name}"

      def under(linear)
        return {formula: nil, inputs: {}, labels: {}} if linear.one?

        value = linear.at(@grams)
        word = pieces?(linear) ? "pieces" : "weight"
        said = pieces?(linear) ? "pieces that it makes, the rest counted too" : "grams that are rolled"
        {formula: word, inputs: {word => digits(value)}, labels: {word => said}}
      end

      def pieces?(linear) = linear.equal?(@rows.pieces)

      # Shares of lines and what comes in.
      def size
        parts = @problem.moves.flat_map { |move| moved(move) }
        inputs = parts.each_with_index.flat_map { |(_, count, cost), at| [["n#{at}", count], ["c#{at}", digits(cost)]] }.to_h
        labels = parts.each_with_index.flat_map { |(words, *), at| [["n#{at}", words], ["c#{at}", "what each counts"]] }.to_h
        gone = @problem.program.offset
        unless gone.zero?
          inputs["gone"] = digits(gone)
          labels["gone"] = "lines that go, 1 each; a stand-in saves .85"
        end
        inputs = {"nothing" => 0} if inputs.empty?
        Sum.new(figure: "size", value: digits(@found.cost), formula: size_formula(parts.size, gone), inputs: inputs, labels: labels,
          source: SIZE_SOURCE)
      end

      SIZE_SOURCE = "size of a change: docs/model.md, Balance"

      def size_formula(count, gone)
        terms = [*(0...count).map { |at| "n#{at} * c#{at}" }, ("gone" unless gone.zero?)].compact
        terms.empty? ? "nothing" : terms.join(" + ")
      end

      def moved(move)
        %i[comes count up down].filter_map { |kind|
          column = move.public_send(kind)
          count = column ? @found.values[column].round : 0
          [words(kind, move.amount), count, @problem.program.columns[column].cost] if count.positive?
        }
      end

      def words(kind, amount)
        {comes: "#{amount.name} comes in", count: "steps of #{amount.name}", up: "steps more of #{amount.name}",
         down: "steps less of #{amount.name}"}.fetch(kind)
      end

      def digits(value)
        number = value.to_f
        number.zero? ? 0.0 : number.round(7 - Math.log10(number.abs).ceil)
      end
    end
  end
end
