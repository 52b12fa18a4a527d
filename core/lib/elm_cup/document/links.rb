# frozen_string_literal: true

module ElmCup
  module Document
    # What a JSON Schema cannot say: that components name each other well. Shares of what exists, no loop, no more than all of
    # it; flavours of one base that come to no more than the whole.
    module Links
      # Shares are written with rounding, three thirds as .333, .333, .334.
      WHOLE = Rational(1_000_001, 1_000_000)
      # A take with where it stands: index of its component, its own index in it, its Hash.
      TakePlace = Value.of(:component, :at, :take) do
        def of = take["component"]

        def pointer = "/components/#{component}/takes/#{at}"
      end

      # Faults of a document that its schema takes.
      def self.faults(document)
        components = document["components"]
        found = unknown(components) + doubled_names(document)
        found += loops(components) + overdrawn(components) if found.empty?
        found + coat(document["coat"], components) + splits(document["splits"] || [], components)
      end

      class << self
        private

        # What coats the pieces is a part, and none of those that go into them.
        def coat(said, components)
          name = said && said["component"] or return []
          part = components.find { |each| each["name"] == name }
          unless part
            return [Fault.at("/coat/component", :coat_no_part, name: name, names: components.map { |each| each["name"] }.join(", "))]
          end
          type = PartType[part["type"]]
          type.in_piece? ? [Fault.at("/coat/component", :coat_of_what_is_shaped, name: name, type: type.id)] : []
        end

        # TakePlace of every share.
        def takes(components)
          components.each_with_index.flat_map do |part, index|
            (part["takes"] || []).each_with_index.map { |take, at| TakePlace.new(component: index, at: at, take: take) }
          end
        end

        def unknown(components)
          names = components.map { |part| part["name"] }
          takes(components).reject { |placed| names.include?(placed.of) }.map do |placed|
            Fault.at("#{placed.pointer}/component", :no_such_component, name: placed.of, names: names.join(", "))
          end
        end

        # Two of one name are two until something names them.
        def doubled_names(document)
          components = document["components"]
          named = takes(components).map(&:of) + (document["splits"] || []).filter_map { |split| split["component"] }
          doubled = components.map { |part| part["name"] }.tally.select { |name, count| count > 1 && named.include?(name) }.keys
          doubled.map do |name|
            Fault.at("/components/#{components.rindex { |part| part["name"] == name }}/name", :component_name_doubled, name: name)
          end
        end

        def loops(components)
          sources = components.to_h { |part| [part["name"], (part["takes"] || []).map { |take| take["component"] }.uniq] }
          loop = ShareLoops.first(sources) or return []
          index = components.index { |part| part["name"] == loop.first }
          at = components[index]["takes"].index { |take| take["component"] == loop[1] }
          [Fault.at("/components/#{index}/takes/#{at}", :share_loop, loop: loop.map { |name| "“#{name}”" }.join(" takes of "))]
        end

        def overdrawn(components)
          takes(components).select { |placed| placed.take["share"] }.group_by(&:of).filter_map do |name, all|
            total = sum(all.map(&:take))
            Fault.at("#{all.last.pointer}/share", :overdrawn, share: percent(total), name: name) if total > WHOLE
          end
        end

        def splits(splits, components)
          names = components.map { |part| part["name"] }
          stray = splits.each_with_index.reject { |split, _| split["component"].nil? || names.include?(split["component"]) }
            .map do |split, at|
            Fault.at("/splits/#{at}/component", :no_such_component, name: split["component"], names: names.join(", "))
          end
          doubled = splits.map { |split| split["name"] }.tally.select { |_, count| count > 1 }.keys.map do |name|
            Fault.at("/splits/#{splits.rindex { |split| split["name"] == name }}/name", :flavour_name_doubled, name: name)
          end
          stray + doubled + several_bases(splits, Parts.leading_name(components)) + oversplit(splits)
        end

        # A flavour that names no base is of the usual one.
        def several_bases(splits, usual)
          bases = splits.map { |split| split["component"] || usual }
          at = bases.index { |base| base != bases.first } or return []
          [Fault.at("/splits/#{at}/component", :several_bases, first: bases.first, other: bases[at])]
        end

        def oversplit(splits)
          total = sum(splits)
          (total > WHOLE) ? [Fault.at("/splits/#{splits.size - 1}/share", :oversplit, share: percent(total))] : []
        end

        def sum(parts) = parts.sum { |part| Rational(part["share"].to_s) }

        def percent(share) = "#{(share * 100).to_f.round(1).to_s.delete_suffix(".0")} %"
      end
    end
  end
end
