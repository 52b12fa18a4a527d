# frozen_string_literal: true

module ElmCup
  module Document
    # One change to the parts of a formula. What belongs to a part goes with it: what others take of it, its flavours, and the wishes
    # that name it (see Wish::Renaming, which reads `names`).
    # An edit is a Hash with its kind and
    #   add_part: type       remove_part: at       rename_part: at, name       move_part: at, to       type_part: at, type
    #   take: at, amount as it is typed, of; take, the place among what the part takes, where it is there already
    #   add_flavour: nothing       remove_flavour: at       rename_flavour: at, name       share_flavour: at, percent
    # at and to are places in the document, from 0.
    class PartsEdit
      KINDS = %w[add_part remove_part rename_part move_part type_part take add_flavour remove_flavour rename_flavour share_flavour].freeze
      # The share of a new flavour, where as much is left; and the least that is worth a flavour of its own.
      USUAL_SHARE = Rational(1, 2)
      LEAST_REST = Rational(1, 1000)
      # Digits after the point of a share that is worked out, and of one that is typed.
      EVEN_DIGITS = 4
      TYPED_DIGITS = 6
      # Nothing can be taken of what is not there, or round in a loop. More than there is may be said for now: another share gives way next.
      UNLINKED = %w[no_such_component share_loop].freeze

      # document: the Hash that comes out      words: what was done, in a few words      said: what a cook is told of it, nil for nothing
      # place: [list, index] of the part that was added or moved, nil for none
      # names: the name of a part that the document has no more => the one it has now, nil where it is gone
      attr_reader :document, :words, :said, :place, :names

      # InvalidDocument where the document has not the form of one, or the edit cannot be made.
      def initialize(document, edit)
        Schema.check_form(document)
        InvalidDocument.refuse("/edit/kind", :edit_unknown, kinds: KINDS.join(", ")) unless KINDS.include?(edit["kind"])
        @document = JSON.parse(JSON.generate(document))
        @edit = edit
        @names = {}
        keep_base
        send(edit["kind"])
        drop_empty
        Schema.check_form(@document)
      end

      private

      def add_part
        type = @edit["type"]
        @words = "adding a #{type}"
        @place = ["components", components.size]
        components << {"name" => unused(type.to_s, components), "type" => type, "process" => "hand", "lines" => []}
      end

      def remove_part
        InvalidDocument.refuse("/edit/at", :last_part) if components.one?
        name = part["name"]
        @words = "taking out #{name}"
        @said = "“#{name}” is removed, and its shares with it."
        components.delete_at(at(components))
        components.each { |each| each["takes"]&.reject! { |take| take["component"] == name } }
        gone, stay = splits.partition { |split| split["component"] == name }
        @document["splits"] = stay
        uncoat(name)
        forget(name, *gone.map { |split| split["name"] })
      end

      def rename_part
        before = part["name"]
        @words = "the name of #{before}"
        part["name"] = name = unused(typed_name, components - [part])
        named = splits + components.flat_map { |each| each["takes"] || [] }
        named << @document["coat"] if @document["coat"]
        named.each { |each| each["component"] = name if each["component"] == before }
        rename_steps(before, name)
        follow(before, name)
      end

      # What the cook set otherwise in the steps of a part is told by its name.
      def rename_steps(before, name)
        (@document["steps"] || []).each do |step|
          step["component"] = name if step["component"] == before
          step["id"] = step_id(step["id"], before, name)
          step["after"] = step["after"].map { |id| step_id(id, before, name) } if step["after"]
        end
      end

      def step_id(id, before, name) = id.end_with?("-#{before}") ? "#{id.delete_suffix(before)}#{name}" : id

      def move_part
        @words = "the order of #{part["name"]}"
        from = at(components)
        to = place_in(components, "to")
        components.insert(to, components.delete_at(from))
        @place = ["components", to]
      end

      def type_part
        @words = "the type of #{part["name"]}"
        part["type"] = @edit["type"]
        uncoat(part["name"]) if PartType[part["type"]].in_piece?
      end

      # Nothing is coated with what is not there, or is eaten as a dough now: what coats the pieces is said anew, or taken as usual.
      def uncoat(name)
        @document.delete("coat") if @document.dig("coat", "component") == name
      end

      def take
        @words = "what #{part["name"]} takes"
        takes = part["takes"] ||= []
        row = @edit["take"] && place_in(takes, "take")
        amount = Take.typed(@edit["of"] || row && takes[row]["component"], @edit["amount"])
        InvalidDocument.refuse("/edit/amount", :take_nothing) unless row || amount

        amount ? takes[row || takes.size] = amount : takes.delete_at(row)
        unlinked = Links.faults(@document).find { |fault| UNLINKED.include?(fault.code) }
        raise InvalidDocument.new([unlinked]) if unlinked
      end

      # What is left of the base, at most half; where nothing is, all flavours share it evenly.
      def add_flavour
        @words = "adding a flavour"
        @place = ["splits", splits.size]
        rest = 1 - splits.sum { |split| Rational(split["share"].to_s) }
        share = [rest, USUAL_SHARE].min.round(EVEN_DIGITS).to_f
        @document["splits"] = splits + [{"name" => unused("flavour", splits), "share" => share, "component" => base, "lines" => []}]
        splits.each { |split| split["share"] = Rational(1, splits.size).floor(EVEN_DIGITS).to_f } if rest <= LEAST_REST
      end

      def remove_flavour
        name = splits.delete_at(at(splits))["name"]
        @words = "taking out #{name}"
        @said = "“#{name}” is out."
        forget(name)
      end

      def rename_flavour
        flavour = splits[at(splits)]
        before = flavour["name"]
        @words = "the name of #{before}"
        flavour["name"] = unused(typed_name, splits - [flavour])
        follow(before, flavour["name"])
      end

      def share_flavour
        flavour = splits[at(splits)]
        @words = "the share of #{flavour["name"]}"
        flavour["share"] = (Rational(@edit["percent"].to_s) / 100).round(TYPED_DIGITS).to_f
      end

      def components = @document["components"]

      def splits = @document["splits"] || []

      def part = components[at(components)]

      def at(list) = place_in(list, "at")

      def place_in(list, key)
        index = @edit[key]
        return index if index.is_a?(Integer) && index.between?(0, list.size - 1)

        InvalidDocument.refuse("/edit/#{key}", :no_such_place, most: list.size - 1)
      end

      def typed_name
        name = @edit["name"].to_s.strip
        name.empty? ? InvalidDocument.refuse("/edit/name", :name_missing) : name
      end

      # A name that no other part of the list has.
      def unused(name, others)
        taken = others.map { |each| each["name"] }
        ([name] + (2..taken.size + 2).map { |number| "#{name} #{number}" }).find { |each| !taken.include?(each) }
      end

      # The name of the component that flavours are parts of.
      def base = splits.first&.fetch("component", nil) || Parts.leading_name(components)

      # Flavours that name no base stay with the one they have, whatever becomes the leading part.
      def keep_base
        named = base
        splits.each { |split| split["component"] ||= named }
      end

      # Another part may have the name still: what is wished is of that one then.
      def follow(before, after)
        @names[before] = after unless (components + splits).any? { |each| each["name"] == before }
      end

      def forget(*names) = names.each { |name| follow(name, nil) }

      # A list that has nothing in it is left out, as where there never was one.
      def drop_empty
        components.each { |each| each.delete("takes") if each["takes"] == [] }
        @document.delete("splits") if splits.empty?
      end
    end
  end
end
