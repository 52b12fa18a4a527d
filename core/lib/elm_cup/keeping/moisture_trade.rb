# frozen_string_literal: true

module ElmCup
  module Keeping
    # Water that goes from one part to another until both have the same activity; what is crisp goes soft. Source: common practice; crisp
    # things soften over an activity of .45 to .5 (from memory).
    module MoistureTrade
      # A difference that is worth a word; the activity that is too much for a crisp thing.
      DIFFERENCE = 0.10
      CRISP_UP_TO = 0.50
      # What is crisp, unless it was crushed.
      CRISP = ["crumb"].freeze
      CRUSHED = /ground|powder|crumbs/

      class << self
        # Words. kept: PartKeepings of parts that lie on each other; parts: Assessment::Parts.
        def words(kept, parts) = layers(kept) + crisp(kept, parts)

        # It is crisp as it goes in.
        def crisp?(line) = CRISP.include?(line.entry.family) && !line.form.to_s.match?(CRUSHED) && !line.entry.perishable

        private

        def layers(kept)
          known = kept.select(&:water_activity)
          known.each_cons(2).filter_map { |one, other|
            dry, wet = [one, other].sort_by(&:water_activity)
            next if wet.water_activity - dry.water_activity < DIFFERENCE

            "Water goes from #{wet.component} (#{figure(wet)}) to #{dry.component} (#{figure(dry)}): the one gets drier and the other softer. Fat between them slows it."
          }
        end

        def crisp(kept, parts)
          wettest = kept.select(&:water_activity).max_by(&:water_activity)
          return [] unless wettest && wettest.water_activity_high > CRISP_UP_TO

          parts.flat_map { |part| part.bowl.lines.select { |line| crisp?(line) } }
            .uniq { |line| line.entry.id }.first(3).map { |line|
              "#{line.entry.name} #{softens(line)} soft in a day or two: the water activity beside it is #{figure(wettest)}, and crisp things soften over 0.5."
            }
        end

        def softens(line) = line.entry.name.end_with?("s") ? "go" : "goes"

        def figure(kept) = format("%.2f", kept.water_activity)
      end
    end
  end
end
