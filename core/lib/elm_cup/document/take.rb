# frozen_string_literal: true

module ElmCup
  module Document
    # What a component takes of another: a share of it (0 to 1, exact), or grams, or a measure such as "1/4 cup".
    Take = Value.of(:component, share: nil, grams: nil, text: nil) do
      self::OF_IT = /\s+of\s+(?:it|that)\z/i
      self::ALL = /\A(?:all|everything|the lot)\z/i
      self::PERCENT = /\s*(?:%|per ?cent)\z/i
      self::GRAMS = /\s*(?:g|grams?)\z/i
      # Digits of a share after the point.
      self::SHARE_DIGITS = 6

      # A Take of a checked document.
      def self.from(part)
        share, grams = part.values_at("share", "grams").map { |number| number && Rational(number.to_s) }
        new(component: part["component"], share: share, grams: grams, text: part["text"])
      end

      # As a document has it (Hash), of what a cook typed: a share ("25 %", "half", "1/4", "all of it"), grams ("60 g"), or a measure
      # ("1/4 cup"), which is kept in her words. nil for an empty text. InvalidDocument for more than there is.
      def self.typed(component, text)
        said = text.to_s.strip.sub(self::OF_IT, "")
        return if said.empty?

        number = ->(ending) { said.match?(ending) && Quantity::RangeReader.single(said.sub(ending, "")) }
        return of_share(component, 1, text) if said.match?(self::ALL)
        if (percent = number[self::PERCENT]) then of_share(component, percent / 100, text)
        elsif (grams = number[self::GRAMS]) then {"component" => component, "grams" => plain(grams)}
        elsif (share = Quantity::RangeReader.single(said))&.<=(1) then of_share(component, share, text)
        else
          {"component" => component, "text" => said}
        end
      end

      def self.of_share(component, share, text)
        InvalidDocument.refuse("/edit/amount", :take_over_all, text: text.strip) if share > 1
        {"component" => component, "share" => plain(share.round(self::SHARE_DIGITS))}
      end

      # JSON's number of an exact one.
      def self.plain(number) = (number.denominator == 1) ? number.to_i : number.to_f
      private_class_method :of_share, :plain
    end
  end
end
