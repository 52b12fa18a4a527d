# frozen_string_literal: true

module ElmCup
  module Document
    # Components that take of each other: whether that goes round, and what may still be taken.
    module ShareLoops
      class << self
        # The names of the first loop of shares in order, the first of them again at the end; nil where there is none.
        # from: the name of every component => names that it takes of.
        def first(from)
          return if from.each_value.all?(&:empty?)

          clear = {}
          from.each_key.lazy.filter_map { |name| loop_through(name, from, [], clear) }.first
        end

        # Names of the components that the one called `name` may take of without closing a loop, in their order.
        def open_to(name, from) = from.keys - takers(name, from)

        private

        # `name` and all that take of it, by however many steps.
        def takers(name, from)
          found = [name]
          found.each { |each| found.concat(from.select { |taker, of| of.include?(each) && !found.include?(taker) }.keys) }
        end

        # clear: names that no loop leads through, so that none is followed twice.
        def loop_through(name, from, path, clear)
          return if clear[name]
          return path.drop(path.index(name)) + [name] if path.include?(name)

          found = from.fetch(name, []).lazy.filter_map { |source| loop_through(source, from, path + [name], clear) }.first
          clear[name] = true unless found
          found
        end
      end
    end
  end
end
