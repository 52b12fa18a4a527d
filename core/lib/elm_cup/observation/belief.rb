# frozen_string_literal: true

module ElmCup
  module Observation
    # What is held true of the Latents of a kitchen: how far each is off, with all their variances and covariances. It is never changed: a
    # look gives another one. Source: docs/model.md, Observation.
    class Belief
      # Variance of a mark on the scale.
      MARK = 0.45**2
      # Variance of judging a texture by eye, where what is this bowl's own stands by itself.
      JUDGED = 0.16

      # What a look came to: the Belief after it, the Surprise that it was.
      After = Value.of(:belief, :surprise)

      # latents: Latents in their order; means: how far each is off; covariance: rows of it.
      attr_reader :latents, :means, :covariance

      def initialize(latents = [], means = [], covariance = [])
        @latents = latents.freeze
        @means = means.freeze
        @covariance = covariance.freeze
        @places = latents.each_with_index.to_h { |latent, at| [latent.key, at] }.freeze
        freeze
      end

      # How far the Latent of a key is off; 0 where nothing was ever seen of it.
      def mean(key) = (at = @places[key]) ? means[at] : 0.0

      # Its variance; nil where nothing was ever seen of it.
      def variance(key) = (at = @places[key]) && covariance[at][at]

      # With Latents that are not in it yet, as they are before anything was seen.
      def with(fresh)
        fresh = fresh.reject { |latent| @places.key?(latent.key) }.uniq(&:key)
        return self if fresh.empty?

        rows = covariance.map { |row| row + [0.0] * fresh.size }
        rows += fresh.each_with_index.map { |latent, at|
          Array.new(latents.size + fresh.size) { |column| (column == latents.size + at) ? latent.variance : 0.0 }
        }
        Belief.new(latents + fresh, means + [0.0] * fresh.size, rows)
      end

      # Variance of the texture number that follows from all of them. slopes: Latent => slope.
      def spread(slopes)
        known = with(slopes.keys)
        slope = known.in_places(slopes)
        known.along(slope).each_with_index.sum { |each, at| each * slope[at] }
      end

      # After of a Look. expected: texture number with the means as they are; slopes: Latent => slope; amounts: variance that comes of
      # amounts not being known for sure.
      def see(look, expected, slopes, amounts: 0.0) = with(slopes.keys).learn(look, expected, slopes, amounts)

      protected

      def learn(look, expected, slopes, amounts)
        slope = in_places(slopes)
        along = along(slope)
        variance = along.each_with_index.sum { |each, at| each * slope[at] } + amounts + (look.mark ? MARK : JUDGED)
        surprise = Surprise.of(look, expected, variance)
        After.new(belief: moved(along, variance, surprise), surprise: surprise)
      end

      # Slopes in the order of the Latents.
      def in_places(slopes)
        found = Array.new(latents.size, 0.0)
        slopes.each { |latent, slope| found[@places.fetch(latent.key)] = slope }
        found
      end

      # C·H
      def along(slope)
        touched = slope.each_index.reject { |at| slope[at].zero? }
        covariance.map { |row| touched.sum(0.0) { |at| row[at] * slope[at] } }
      end

      private

      def moved(along, variance, surprise)
        sigma = Math.sqrt(variance)
        share = surprise.share
        step = along.map { |each| each * surprise.shift / sigma }
        less = share * surprise.narrowing / variance
        more = share * (1 - share)
        rows = covariance.each_with_index.map { |row, at|
          row.each_with_index.map { |each, column| each - less * (along[at] * along[column]) + more * (step[at] * step[column]) }
        }
        Belief.new(latents, means.each_with_index.map { |mean, at| kept(mean + share * step[at], latents[at].most) }, rows)
      end

      def kept(mean, most) = most ? mean.clamp(-most, most) : mean
    end
  end
end
