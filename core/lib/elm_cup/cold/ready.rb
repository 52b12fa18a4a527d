# frozen_string_literal: true

module ElmCup
  module Cold
    # When a step is done in one place.
    #   state     "ready", "already_firm" or "will_not_firm"
    #   ready     [least, most] whole minutes, nil where it does not come to that      middle  the likeliest minutes
    #   quick, slow  minutes of the quickest and of the slowest run, nil where one does not get there
    #   why       in words, where it is not "ready"
    #   practice  [least, most] minutes that cooks give it, nil where nobody says
    #   start_c   °C that the touched layer starts with      end_c  °C of each layer when it is done, for the next step
    #   overlaps  the band and practice have minutes in common, nil where either is missing
    Ready = Value.of(:state, :ready, :middle, :quick, :slow, :why, :practice, :start_c, :end_c) do
      self::DIGITS = {middle: 1, start_c: 1}.freeze
      self::HIDDEN = %i[end_c quick slow].freeze
      self::ALSO = %i[overlaps].freeze

      # Of the middle, and of the quickest and the slowest run (minutes, nil where one does not get there). Source: docs/model.md, Cold.
      self::LEAST = 0.8
      self::MOST = 2.0

      # The whole minutes of a band.
      def self.band(middle, quick, slow)
        low = [self::LEAST * middle, quick || 0].max
        high = [self::MOST * middle, slow || Float::INFINITY].min
        [[low, middle].min.floor, [high, middle].max.ceil].freeze
      end

      def overlaps
        return unless ready && practice

        ready.first <= practice.last && practice.first <= ready.last
      end
    end
  end
end
