# frozen_string_literal: true

module ElmCup
  module Document
    # What a JSON Schema cannot say: that components name each other well. Shares of what exists, no loop, no more than all of
    # it; flavours of one base that come to no more than the whole; rules that exist.
    module Links
      MOST_LINES = 1_200
      # Shares are written with rounding, three thirds as .333, .333, .334.
      WHOLE = Rational(1_000_001, 1_000_000)

      # Faults of a document that its schema takes.
      def self.faults(document)
        components = document["components"]
        doubled = doubled_names(document)
        found = unknown(components) + doubled
        found += loops(components) + overdrawn(components) if found.empty?
        found + splits(document, components) + muted(document) + wishes(document) + too_many(document)
      end

      class << self
        private

        def fault(pointer, message) = InvalidDocument::Fault.new(pointer: pointer, message: message)

        def too_many(document)
          lines = (document["components"] + (document["splits"] || [])).sum { |part| (part["lines"] || []).size + (part["topping"] || []).size }
          (lines > MOST_LINES) ? [fault("/components", "#{lines} lines in all are too many; #{MOST_LINES} is the most")] : []
        end

        # [component index, take index, take] of every share.
        def takes(components)
          components.each_with_index.flat_map { |part, index| (part["takes"] || []).each_with_index.map { |take, at| [index, at, take] } }
        end

        def unknown(components)
          names = components.map { |part| part["name"] }
          takes(components).reject { |_, _, take| names.include?(take["component"]) }.map do |index, at, take|
            fault("/components/#{index}/takes/#{at}/component", "There is no component “#{take["component"]}”; there are #{names.join(", ")}")
          end
        end

        # Two of one name are two until something names them.
        def doubled_names(document)
          components = document["components"]
          named = takes(components).map { |_, _, take| take["component"] } + (document["splits"] || []).filter_map { |split| split["component"] }
          doubled = components.map { |part| part["name"] }.tally.select { |name, count| count > 1 && named.include?(name) }.keys
          doubled.map do |name|
            at = components.rindex { |part| part["name"] == name }
            fault("/components/#{at}/name", "Two components are called “#{name}”, and a share names it; give one another name")
          end
        end

        def loops(components)
          loop = ShareLoops.first(components.to_h { |part| [part["name"], (part["takes"] || []).map { |take| take["component"] }.uniq] }) or return []
          index = components.index { |part| part["name"] == loop.first }
          at = components[index]["takes"].index { |take| take["component"] == loop[1] }
          [fault("/components/#{index}/takes/#{at}", "Shares go round in a loop: #{loop.map { |name| "“#{name}”" }.join(" takes of ")}; take one of them out")]
        end

        def overdrawn(components)
          sums = takes(components).select { |_, _, take| take["share"] }.group_by { |_, _, take| take["component"] }
          sums.filter_map do |name, all|
            total = sum(all.map(&:last))
            index, at, = all.last
            fault("/components/#{index}/takes/#{at}/share", "#{percent(total)} of “#{name}” is shared out; 100 % is all there is") if total > WHOLE
          end
        end

        def splits(document, components)
          splits = document["splits"] || []
          names = components.map { |part| part["name"] }
          stray = splits.each_with_index.reject { |split, _| split["component"].nil? || names.include?(split["component"]) }.map do |split, at|
            fault("/splits/#{at}/component", "There is no component “#{split["component"]}”; there are #{names.join(", ")}")
          end
          doubled = splits.map { |split| split["name"] }.tally.select { |_, count| count > 1 }.keys.map do |name|
            fault("/splits/#{splits.rindex { |split| split["name"] == name }}/name", "Two flavours are called “#{name}”; give one another name")
          end
          usual = Leading.name(components)
          stray + doubled + several_bases(splits, usual) + oversplit(splits)
        end

        # A flavour that names no base is of the usual one.
        def several_bases(splits, usual)
          bases = splits.map { |split| split["component"] || usual }
          at = bases.index { |base| base != bases.first } or return []
          [fault("/splits/#{at}/component", "Flavours are parts of one base: the others are of “#{bases.first}”, this one of “#{bases[at]}”")]
        end

        def oversplit(splits)
          total = sum(splits)
          return [] unless total > WHOLE

          [fault("/splits/#{splits.size - 1}/share", "The flavours come to #{percent(total)} of the base; 100 % is all there is")]
        end

        def muted(document)
          (document["muted"] || []).each_with_index.select { |rule, _| !SecondLook.rule?(rule) }.map do |rule, at|
            fault("/muted/#{at}", "There is no rule “#{rule}”; the rules are #{SecondLook::IDS.join(", ")}")
          end
        end

        def wishes(document)
          (document["wishes"] || []).each_with_index.filter_map do |text, at|
            Balance::Wish.read(text) && nil
          rescue Balance::WishReader::Unreadable => error
            fault("/wishes/#{at}", error.message)
          end
        end

        def sum(parts) = parts.sum { |part| Rational(part["share"].to_s) }

        def percent(share) = "#{(share * 100).to_f.round(1).to_s.delete_suffix(".0")} %"
      end
    end
  end
end
