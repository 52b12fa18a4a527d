# frozen_string_literal: true

module ElmCup
  module Assessment
    # Lines of an answer that wishes keep as they are.
    module LockedLines
      # The parts of `answer` (a Hash) in which every line that is kept says which wishes keep it ("locked_by"). library: where its ingredients are found.
      def self.of(answer, wishes, library)
        locks = wishes.select { |wish| wish.key == "lock" }
        %w[components splits].filter_map { |list| [list, answer[list].map { |part| marked(part, locks, library) }] if answer[list] }.to_h
      end

      def self.marked(part, locks, library)
        lists = %w[lines topping].filter_map { |list| [list, part[list].map { |line| line(line, part["name"], locks, library) }] if part[list] }
        part.merge(lists.to_h)
      end

      def self.line(line, component, locks, library)
        entry = line["ingredient"] && library[line["ingredient"]]
        keeping = entry ? locks.select { |wish| wish.locks?(entry, component) }.map(&:text) : []
        keeping.empty? ? line : line.merge("locked_by" => keeping)
      end
      private_class_method :marked, :line
    end
  end
end
