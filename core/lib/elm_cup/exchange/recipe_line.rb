# frozen_string_literal: true

module ElmCup
  module Exchange
    # One line of a pasted recipe, freed of what pages and cards put around it.
    #   text      the words; heading  it was marked as one (# or underlined); step  it was numbered as a step
    #   bullet    it stood behind a bullet or a box        apart  an empty line stood above it
    #   fields    its parts where it is several: "Serves 12 · Prep 20 mins", "Recipe: drops     Yield: 2 dozen"
    RecipeLine = Value.of(:text, heading: false, step: false, bullet: false, apart: false, fields: []) do
      # "1️⃣" is a digit in a box.
      self::KEYCAP = /(\d)\uFE0F?\u20E3/
      self::CIRCLED = /[①-⑳]/
      self::CIRCLED_ZERO = "①".ord - 1
      self::TAG = %r{(?<!\\)</?[a-z][^<>]*>}i
      self::ESCAPED = /\\([\\`*_<>#\[\]|])/
      self::LEADING = /\A(?!\.\d)(?:(?!\.\d)[^\p{L}\p{N}½⅓⅔¼¾⅛⅜⅝⅞(\["“_\\])+/
      self::STEP = /\A(?:step\s*\d+\s*[.):–—-]*|\d{1,2}\/(?=\s+\p{L})|\d{1,2}\s+[-–—]\s+(?=\p{L})|\d{1,2}[.)](?=\p{Lu})|\d{1,2}\s*[.)](?=\s)(?!\s*(?:\d|[½⅓⅔¼¾⅛])))\s*/i
      # "## Base" and a line that is bold as a whole.
      self::HEADING = /\A(?:#|\*\*[^*]+\*\*:?\z|=+[^=]+=+\z)/
      self::ITALIC = /\A\*([^*\s][^*]*)\*:?\z/
      self::HASHTAGS = /\A(?:#\p{L}\w*\s*)+\z/
      self::BETWEEN = /\s{3,}|\s+[·|]\s+/
      # "2,cups,rolled oats": a row of a file.
      self::PARTED = /\A([\d.\/]+)\s*[,;\t]\s*(#{Quantity::Unit::PATTERN})\s*[,;\t]\s*(.+)\z/i
      # "a) Soak the dates"
      self::LETTERED = /\A[a-h]\)\s+(?=\p{L})/i
      # The heads of columns, and the marks of a film.
      self::COLUMNS = /\A(?:(?:ingredients?|quantity|amounts?|qty|units?|notes?|items?|measures?|weights?|metric|us|imperial|volume|prep(?:aration)?)\b[\s:|\/&-]*){2,}\z/i
      self::MINUTES = /\A\d{1,2}:\d{2}(?!\d)/
      # "2 stir in the oats": a step whose number has no dot. "1 cream cheese", "1 scoop" are none.
      self::BARE_STEP = /\A\d{1,2}\s+(?!(?:cream|scoop|drop|slice|top|coat|cover|pop|set|keep)\b)(?=(?:#{RecipeWords::ROWS["verb"]})\b)/i
      # "1. 1 cup oats" is a numbered ingredient.
      self::NUMBERED = /\A\d{1,2}\s*[.)]\s+(?=[\d½⅓⅔¼¾⅛])/
      self::FOOTNOTE = /(?<=\p{L})[¹²³⁴†‡*]+(?=[\s,.;)]|\z)/
      self::BOX = /\A\[\s?[xX]?\]\s*/
      # Our own card writes the grams behind a line; they are said again there, not meant.
      self::GRAMS_AGAIN = /\s+\*\([\d.]+ g\)\*\z/

      # A RecipeLine of one line as it was pasted; nil for one that says nothing.
      def self.from(raw)
        text = plain(raw)
        return if text.match?(self::HASHTAGS)

        heading = text.match?(self::HEADING)
        text = text.sub(/\A=+([^=]+)=+\z/, '\1').sub(self::PARTED, '\1 \2 \3')
        text = text.sub(self::GRAMS_AGAIN, "").sub(self::ITALIC, '\1') if text.include?("*")
        text = text.gsub(/(?<!\\)(?:\*\*|__|`)/, "") if text.match?(/[*_`]/)
        text = text.gsub(/\s*\.{3,}\s*/, ", ") if text.include?("...")
        bullet = text.match?(/\A\s*(?:[-*•·–▢☐□]|\[\s?\])\s*\S/)
        text = text.sub(self::LEADING, "").sub(self::BOX, "").strip
        numbered = [self::STEP, self::BARE_STEP, self::LETTERED].find { |pattern| text.match?(pattern) }
        step = !numbered.nil?
        text = text.sub(numbered || self::NUMBERED, "").strip
        text = text.gsub(/[\p{So}\uFE0F\u200D]+/, " ") unless text.ascii_only?
        text = text.gsub(self::FOOTNOTE, "").strip
        return if text.match?(self::COLUMNS) || text.match?(self::MINUTES) || !(text.match?(/[\p{L}\p{N}]/) || step)

        text = text.gsub(self::ESCAPED, '\1')
        new(text: text.squeeze(" "), heading: heading, step: step, bullet: bullet,
          fields: text.split(self::BETWEEN).map(&:strip).grep(/[\p{L}\p{N}]/))
      end

      # Entities and tags of a page, spaces and digits of a keyboard.
      def self.plain(raw)
        text = Entities.decode(raw)
        text = text.gsub(self::TAG, " ").gsub(/\s+(?=[,;])/, "") if text.include?("<")
        return Quantity::PlainText.of(text).strip if text.ascii_only?

        Quantity::PlainText.of(text.gsub(self::KEYCAP, '\1. ').gsub(self::CIRCLED) { |digit| "#{digit.ord - self::CIRCLED_ZERO}. " }).strip
      end
      private_class_method :plain
    end
  end
end
