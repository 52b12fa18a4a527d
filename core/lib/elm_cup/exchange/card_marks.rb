# frozen_string_literal: true

module ElmCup
  module Exchange
    # What our own Markdown card says in italics and in the headings of flavours, read back.
    module CardMarks
      ITALIC = /\A_(?<said>[^_].*)_\z/
      TYPE = Regexp.union(Document::PartType::IDS)
      WANT = Regexp.union(Binding::Texture::ALL)
      HOW = /\A(?<type>#{TYPE}), (?<how>by hand|in the processor)(?:, should be (?<want>#{WANT}))?\z/
      TAKES = /\Atakes (?:(?<percent>\d+(?:\.\d+)?) %|(?<grams>\d+(?:\.\d+)?) g|(?<text>.+?)) of (?<component>.+)\z/
      STREWN = "strewn on"
      FLAVOUR = /\AFlavour: (?<name>.+) \((?<percent>\d+(?:\.\d+)?) % of (?<component>.+)\)\z/

      # Keys of a document that one line each says: "pieces: slab; tin mm 200 x 300; grid 6 x 4".
      SAID = {"pieces" => "shape", "coat" => "coat", "lives" => "lives"}.freeze
      SHAPING = /\A(?<word>#{Regexp.union(SAID.keys)}): (?<said>.+)\z/

      # Such lines of a document (Hash).
      def self.shaping(document)
        SAID.filter_map { |word, key|
          said = document[key] or next
          next "#{word}: #{said}" if said.is_a?(String)

          rest = said.except("kind").map { |name, value| "#{name.tr("_", " ")} #{Array(value).join(" x ")}" }
          "#{word}: #{[said["kind"], *rest].join("; ")}"
        }
      end

      # [key, its value] that such a line says, nil for any other.
      def self.shaped(words)
        found = SHAPING.match(words) or return
        key = SAID.fetch(found[:word])
        kind, *rest = found[:said].split("; ")
        return [key, kind] if key == "lives"

        [key, {"kind" => kind, **rest.to_h { |each| pair(key, each) }}]
      end

      # "tin mm 200 x 300" is tin_mm and a list; a name is a text.
      def self.pair(key, words)
        names = (key == "coat") ? COAT_KEYS : SHAPE_KEYS
        name = names.find { |each| words.start_with?("#{each.tr("_", " ")} ") } or return [words, true]
        [name, value(name, words.delete_prefix("#{name.tr("_", " ")} "))]
      end

      def self.value(name, text)
        return text if name == "component"

        numbers = text.split(" x ").map { |each| plain(each) }
        LISTS.include?(name) ? numbers : numbers.first
      end

      def self.plain(text)
        return text == "true" if %w[true false].include?(text)

        text.match?(/\A\d+\z/) ? text.to_i : (Float(text, exception: false) || text)
      end

      LISTS = %w[tin_mm grid].freeze
      # Longer names first: "piece_grams" before what it begins with.
      properties = ->(name) { Document::Schema::SCHEMA.value.dig("$defs", name, "properties").keys }
      kinds = Document::Schema::SCHEMA.value.dig("$defs", "shape", "oneOf").map { |each| each["$ref"].split("/").last }
      SHAPE_KEYS = kinds.flat_map { |kind| properties[kind] }.uniq.sort_by { |name| -name.length }.freeze
      COAT_KEYS = properties["coat"].sort_by { |name| -name.length }.freeze
      private_class_method :pair, :value, :plain

      # The words of a line in italics, nil for any other.
      def self.italic(text) = ITALIC.match(text)&.[](:said)

      # Puts what the italics say into a component of a document; nothing where they say something else.
      def self.put(said, part)
        if (how = HOW.match(said))
          part.merge!({"type" => how[:type], "process" => (how[:how] == "by hand") ? "hand" : "processor", "want" => how[:want]}.compact)
        elsif (take = TAKES.match(said))
          (part["takes"] ||= []) << {"component" => take[:component], **amount(take)}
        end
      end

      # A flavour of a document from its heading, nil for any other heading.
      def self.flavour(heading)
        found = FLAVOUR.match(heading) or return
        {"name" => found[:name], "share" => share(found[:percent]), "component" => found[:component], "lines" => []}
      end

      def self.amount(take)
        return {"share" => share(take[:percent])} if take[:percent]

        take[:grams] ? {"grams" => take[:grams].to_f} : {"text" => take[:text]}
      end

      def self.share(percent) = (percent.to_f / 100).round(6)
      private_class_method :amount, :share
    end
  end
end
