# frozen_string_literal: true

module ElmCup
  module Proposal
    # The sums behind the figures of an answer. Each formula with its inputs put in gives its value again.
    class Sums
      SOURCE = "figures per gram of core/data/ingredients.csv, as the nutrition of the whole is summed (docs/model.md)"
      FIGURES = %w[kcal sugars free_sugars protein fat fibre sweetness cost grams pieces].freeze

      # problem: Balance::Problem; grams: of each of its amounts after the change; found: Balance::Search::Found; values: of its columns.
      def initialize(problem, grams, found)
        @problem = problem
        @grams = grams
        @found = found
        @rows = problem.rows
        @amounts = problem.situation.amounts + problem.situation.candidates
      end

      # Hashes like the `why` of a component: figure, value, formula, inputs, labels, source.
      def to_a = [size, *FIGURES.filter_map { |key| figure(Balance::WishKey[key]) }]

      private

      def figure(row)
        ratio = @rows.ratio(Balance::Wish.new(text: row.key, key: row.key, op: "=", value: 0.0)) or return
        value = ratio.at(@grams)
        return if value.nil? || (row.key == "cost" && value.zero?)

        terms = terms(ratio.over, row.name)
        under = under(ratio.under)
        {"figure" => row.key, "value" => digits(value), "formula" => [terms[:formula], under[:formula]].compact.join(" / "),
         "inputs" => terms[:inputs].merge(under[:inputs]), "labels" => terms[:labels].merge(under[:labels]), "source" => SOURCE}
      end

      # Grams times so much a gram, of every line that has any.
      def terms(linear, name)
        used = @amounts.each_index.select { |at| @grams[at].positive? && !linear.per_gram[at].zero? }
        return {formula: "constant", inputs: {"constant" => digits(linear.constant)}, labels: {"constant" => name}} if used.empty?

        inputs = used.each_with_index.with_object({}) { |(at, number), all| all.merge!("g#{number + 1}" => digits(@grams[at]), "k#{number + 1}" => digits(linear.per_gram[at])) }
        labels = used.each_with_index.with_object({}) { |(at, number), all| all.merge!("g#{number + 1}" => "grams of #{@amounts[at].name}", "k#{number + 1}" => "#{name} of one gram") }
        {formula: "(#{(1..used.size).map { |number| "g#{number} * k#{number}" }.join(" + ")})", inputs: inputs, labels: labels}
      end

      def under(linear)
        return {formula: nil, inputs: {}, labels: {}} if linear.one?

        value = linear.at(@grams)
        word = (linear.per_gram == @rows.pieces&.per_gram && linear.constant == @rows.pieces&.constant) ? "pieces" : "weight"
        {formula: word, inputs: {word => digits(value)}, labels: {word => (word == "pieces") ? "pieces that it makes, the rest counted too" : "grams that are rolled"}}
      end

      # Shares of lines and what comes in.
      def size
        parts = @problem.moves.flat_map { |move| moved(move) }
        formula = parts.each_index.map { |at| "n#{at} * c#{at}" }
        inputs = parts.each_with_index.with_object({}) { |((_, count, cost), at), all| all.merge!("n#{at}" => count, "c#{at}" => digits(cost)) }
        labels = parts.each_with_index.with_object({}) { |((words, *), at), all| all.merge!("n#{at}" => words, "c#{at}" => "what each counts") }
        gone = @problem.program.offset
        inputs["gone"] = digits(gone) unless gone.zero?
        labels["gone"] = "lines that go, 1 each; a stand-in saves .85" unless gone.zero?
        {"figure" => "size", "value" => digits(@found.cost), "formula" => [*formula, ("gone" unless gone.zero?)].compact.join(" + ").then { |text| text.empty? ? "nothing" : text },
         "inputs" => (inputs.empty? ? {"nothing" => 0} : inputs), "labels" => labels, "source" => "size of a change: docs/model.md, Balance"}
      end

      def moved(move)
        %i[comes count up down].filter_map { |kind|
          column = move.public_send(kind)
          count = column ? @found.values[column].round : 0
          [words(kind, move.amount), count, @problem.program.columns[column].cost] if count.positive?
        }
      end

      def words(kind, amount)
        {comes: "#{amount.name} comes in", count: "steps of #{amount.name}", up: "steps more of #{amount.name}", down: "steps less of #{amount.name}"}.fetch(kind)
      end

      def digits(value)
        number = value.to_f
        number.zero? ? 0.0 : number.round(7 - Math.log10(number.abs).ceil)
      end
    end
  end
end
