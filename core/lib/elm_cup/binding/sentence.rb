# frozen_string_literal: true

module ElmCup
  module Binding
    # One sentence a cook can act on, made from the figures.
    class Sentence
      # texture id => [what it does, what to do with it to get it there]
      WORDS = {
        "loose" => ["stays loose", "loose"], "crumbly" => ["crumbles", "crumbly"], "presses" => ["presses", "press"],
        "rolls" => ["rolls", "roll"],
        "tacky" => ["is tacky", "tacky"], "spreads" => ["spreads", "spread"], "pours" => ["pours", "pour"]
      }.freeze
      LIKELY_NEIGHBOUR = 0.15

      # verdict: Verdict; want: texture id or nil; rescue_from: Rescue or nil
      def initialize(verdict, want: nil, rescue_from: nil)
        @saturation = verdict.saturation
        @verdict = verdict
        @want = want
        @rescue = rescue_from
      end

      def to_s
        return "There is nothing to bind and nothing that binds." if @saturation.number.nil?
        return "There is nothing dry to bind: it pours." unless @saturation.demand.positive?
        return "The dry side takes #{ml(@saturation.demand)} mL and nothing binds it: it stays loose." unless @saturation.supply.positive?

        [amounts, texture, remedy].compact.join(" ")
      end

      private

      def amounts = "The dry side takes #{ml(@saturation.demand)} mL, the binder offers #{ml(@saturation.supply)}."

      # The likelier first: where lines are left out, another may be likelier than the one in the middle.
      def texture
        odds = @verdict.uncertainty.odds
        now = @saturation.texture
        near = odds.except(now).max_by(&:last)
        named = [[now, odds[now]], (near if near.last >= LIKELY_NEIGHBOUR)].compact.sort_by { |_, share| -share }
        "It #{named.map { |id, share| "#{WORDS.fetch(id).first} (#{percent(share)})" }.join(", or it ")}."
      end

      def remedy
        return unless @want && @rescue
        return "That is close enough." if @rescue.as_good_as_there?

        best = @rescue.options.first or return
        verb = WORDS.fetch(@want).last
        case best.kind
        when "dose" then "#{best.text} would make it #{verb}."
        when "rest" then "Wait 30 minutes: it will #{verb}."
        when "chill" then "Give it #{best.text}, then #{verb} it."
        when "warm" then "#{best.text} for a minute: then it will #{verb}."
        else "#{best.text}."
        end
      end

      def ml(value) = (value < 10) ? value.round(1) : value.round

      def percent(share) = "#{(share * 100).round} %"
    end
  end
end
