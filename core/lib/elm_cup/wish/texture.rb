# frozen_string_literal: true

module ElmCup
  module Wish
    # A part shall have a texture, or one from the first to the last of two: "texture=rolls", "dough.texture=presses..rolls".
    class Texture < Kind
      for_keys "texture"
      # How far the bounds of a wished class come in each time beside what the sums missed, in classes.
      INWARD = 0.05

      def self.of_part? = true

      # First and last texture; twice the same where one is named.
      def textures = value.split("..").values_at(0, -1)

      def texture? = true

      def fault = super || unlisted || backwards

      def replaces?(other) = [key, op, part] == [other.key, other.op, other.part]

      def now(assessment) = assessment.part(part)&.texture

      # The texture number as it is, of the saturation as it is shown; nil where it has none.
      def number(assessment)
        judged = assessment.part(part)
        value = judged.verdict.saturation.value.round(3) if judged&.estimable?
        Binding::Texture.number(value) if value&.positive?
      end

      def met?(assessment)
        texture = now(assessment) or return false
        Binding::Texture.index(texture).between?(*textures.map { |id| Binding::Texture.index(id) })
      end

      def constrain(problem) = problem.texture(self)

      def in_sums(situation, _rows, _grams) = situation.parts[situation.part_of(self)].number

      def alternatives
        first, last = textures.map { |id| Binding::Texture.index(id) }
        others = Binding::Texture::ALL.each_index.reject { |index| index.between?(first, last) }
        near = others.sort_by { |index| [[(index - first).abs, (index - last).abs].min, index] }
          .map { |index| Binding::Texture::ALL[index] }
        near.map { |id| with(value: id, text: "#{text}?#{id}") }
      end

      def tighten(before, seen, sums)
        numbers = [number(seen), sums.rows.sides(sums.situation.part_of(self)).number(sums.grams)]
        before.with(off: numbers.all? ? numbers.reduce(:-) : before.off, inward: before.inward + INWARD)
      end

      private

      def plain_words(_library) = textures.uniq.join(" or ")

      def missing(_assessment) = Fault.at("", :not_judged_yet)

      def unlisted
        strange = value.split("..", -1) - Binding::Texture::ALL
        [:wish_not_listed, {given: strange.first, key: key, choices: Binding::Texture::ALL.join(", ")}] if strange.any?
      end

      def backwards
        all = Binding::Texture::ALL
        too_many = value.split("..").size > 2
        [:wish_two_textures, {text: text}] if too_many || all.index(textures.first) > all.index(textures.last)
      end
    end
  end
end
