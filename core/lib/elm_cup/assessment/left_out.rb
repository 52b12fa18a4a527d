# frozen_string_literal: true

module ElmCup
  class Assessment
    # Something of a part that it is judged without, because it is not read: a line of its own (number, from 1; text), lines that came with
    # what it takes of another component, or a share that cannot be taken.
    #   grams  what it weighs, where that is said; nil otherwise
    LeftOut = Value.of(:words, :message, number: nil, text: nil, grams: nil) do
      # "line 9", "lines 3 and 9 and its share of caramel", of several.
      def self.words(all)
        own, others = all.partition(&:number)
        lines = own.map { |each| each.number.to_s }
        listed = ["#{(lines.size > 1) ? "lines" : "line"} #{joined(lines)}"] if lines.any?
        joined([*listed, *others.map(&:words).uniq])
      end

      def self.joined(words)
        *rest, last = words
        rest.empty? ? last.to_s : "#{rest.join(", ")} and #{last}"
      end
      private_class_method :joined
    end
  end
end
