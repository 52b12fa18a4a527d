# frozen_string_literal: true

module ElmCup
  module Wish
    # A figure shall be at most, at least or about a number: "kcal<=90", "grams=600". A wish is held against the figure as it is shown,
    # so that what a screen says and what is met never part.
    class Figure < Kind
      NUMBER = /\A\d{1,7}(?:[.,]\d{1,6})?\z/
      BOUND = /(<=|>=|=|<|>|≤|≥).*\z/m
      BOUNDS = {"<=" => "at most", ">=" => "at least", "=" => "about"}.freeze
      # What = means for a figure, as a share of it.
      SAME = 0.02
      # How far its bounds come in each time beside what the sums missed, as a share of it.
      INWARD = 0.0005
      LEAST_INWARD = 1e-6

      # A number as it stands in a wish: no more decimals than it needs.
      def self.number(value) = format("%.6f", value).sub(/\.?0+\z/, "")

      # The wish that the figure of a Key is bounded.
      def self.bounding(row, op, value, part: nil)
        text = "#{row.key}#{op}#{number(value)}"
        new(text: part ? "#{part}.#{text}" : text, key: row.key, op: op, value: value, part: part)
      end

      def row = Key[key]

      def fault
        return [:wish_bound, {text: text, key: key}] if op == ":"
        return [:wish_no_number, {text: text, given: value[0, 20]}] unless value.match?(NUMBER)

        number = read_number
        return [:wish_too_large, {text: text, name: row.name, most: Figure.number(row.most)}] if number > row.most

        number_fault(number)
      end

      def finished = with(value: read_number)

      def replaces?(other) = [key, op, part] == [other.key, other.op, other.part]

      def met?(assessment)
        now = now(assessment) or return false
        case op
        when "<=" then now <= value
        when ">=" then now >= value
        else same?(now)
        end
      end

      def now_said(assessment) = now(assessment)&.then { |value| row.said(value) }

      # The same wish with another bound, text and all.
      def at(number) = with(value: number, text: text.sub(BOUND) { $1 + Figure.number(number) })

      def relaxed_to(other) = at(other)

      # [least, most] that it allows, nil where there is no end. met: it holds already; lost: pieces that rolling loses.
      def limits(met: false, lost: 0.0)
        case op
        when "<=" then [nil, value]
        when ">=" then [value, nil]
        else [value * (1 - SAME), value * (1 + SAME)]
        end
      end

      # Its Ratio between its limits, corrected by what the sums were found to miss.
      def constrain(problem)
        situation = problem.situation
        lower, upper = limits(met: situation.met.key?(text), lost: situation.pieces&.lost || 0.0)
        by = problem.correction(self)
        problem.bound(self, ratio(problem.rows), lower: lower && lower - by.off + by.inward, upper: upper && upper - by.off - by.inward)
      end

      def in_sums(_situation, rows, grams) = ratio(rows)&.at(grams)

      def tighten(before, seen, sums)
        off = (now(seen) || 0.0) - ratio(sums.rows).at(sums.grams)
        before.with(off: off, inward: before.inward + [value * INWARD, LEAST_INWARD].max)
      end

      private

      def read_number = value.tr(",", ".").to_f

      # What is wrong with a number that its figure can have; nil for nothing.
      def number_fault(_number) = nil

      def same?(now) = (now - value).abs <= SAME * value

      # "at most 3 g"
      def bounded = "#{BOUNDS.fetch(op)} #{said_number}"

      def said_number = row.said(value, places: [row.places, decimals].max)

      def decimals = Figure.number(value)[/\.(\d+)/, 1].to_s.length

      def missing(_assessment) = Fault.at("", :not_reckoned_yet)
    end
  end
end
