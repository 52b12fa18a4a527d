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
