# frozen_string_literal: true

module ElmCup
  module Method
    # Pieces that are dipped in sets: no set longer than the bowl stays warm, nor than a cook wants to stand there.
    module Sets
      MOST_MINUTES = 8

      # The pieces of each set. row: of the dip; count: of pieces; most: that the bowl allows, nil for any number; also: Row of what is
      # done to each of them while it is wet, nil for nothing.
      def self.of(row, count, most, also: nil)
        fixed = row.fixed + (also&.fixed || 0)
        each = row.each + (also&.each || 0)
        size = [((MOST_MINUTES - fixed) / each).floor, most].compact.min.clamp(1, count)
        sets = (count.to_f / size).ceil
        Array.new(sets) { |at| count / sets + ((at < count % sets) ? 1 : 0) }
      end

      # Whole minutes of each set.
      def self.minutes(row, sizes, also: nil)
        sizes.map { |size| (row.fixed + row.each * size + (also ? also.fixed + also.each * size : 0)).ceil }
      end
    end
  end
end
