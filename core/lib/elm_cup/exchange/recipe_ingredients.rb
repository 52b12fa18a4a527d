# frozen_string_literal: true

module ElmCup
  module Exchange
    # Which lines of a pasted recipe are ingredients, and how they are taken. For RecipeText, which knows the lines, the place and
    # what was read so far.
    module RecipeIngredients
      SEASONINGS = %w[salt spice flavour].freeze
      OR_ELSE = /\Aor\s+(?=[\d½⅓⅔¼¾⅛]|an?\s)/i
      NOTHING = :no_amount_found
      TO_TASTE = ", to taste"
      # Where a sentence ends and another begins.
      SENTENCE = /(?<=\p{L}{3}[.!?])\s+(?=\p{Lu}|\d)/
      # The same where capitals may be missing, as in a message.
      ANY_SENTENCE = /(?<=\p{L}{3}[.!?])[[:space:]]+(?=[\p{L}\d])/
      # "you need 1 cup of peanut butter, 2 cups oats"
      NEED = /\A(?:for\s+[^,.;]{1,40}?\s+)?(?:you(?:'ll|’ll| will)?\s+(?:need|take|want)|it takes|take|needs?)\b:?\s*/i

      private

      # The ingredients of "For 25 pieces you need 250 g dates and 100 g nuts", nil for any other line.
      def needed(text)
        need = NEED.match(text) or return
        listed = need.post_match
        return unless amount_first?(listed) || several(listed).all? { |part| amount_first?(part) }

        found = RecipeYield.of(need[0]) and @draft.pieces(*found)
        listed
      end

      # The ingredients of "1 c. sugar          1/2 c. cocoa", the one of "Tahini     120 g     1/2 cup"; none for any other line.
      def in_columns(line)
        name, amount, *rest = line.fields
        return [] unless amount
        # "200   g   dried figs   stems removed"
        return [[line.fields.first(3).join(" "), *rest.drop(1)].join(", ")] if rest.any? && name.match?(/\A[\d½⅓⅔¼¾⅛.,\/\s]+\z/) &&
          amount_alone?("#{name} #{amount}")
        several = joined(line.fields)
        return several if several.size > 1 && several.all? { |field| amount_first?(field) && !amount_alone?(field) }
        return [] if amount_first?(name) || !amount_alone?(amount)

        [["#{amount} #{name}", *rest.reject { |field| amount_alone?(field) }].join(", ")]
      end

      # An amount in a column of its own goes with what stands in the next.
      def joined(fields)
        fields.each_with_object([]) { |field, found|
          (found.any? && amount_alone?(found.last)) ? found.push("#{found.pop} #{field}") : found << field
        }
      end

      # A line of the list of ingredients: with an amount, or in a list that has begun, any that is no sentence.
      def ingredient?(text)
        case @mode
        when :either then amount_first?(text) || (@draft.begun? ? goes_with_list?(text) : amount_last?(text) && of_known?(text))
        when :before then false
        else amount_first?(text) || !sentence?(text)
        end
      end

      # In a list that nothing headed: what could not begin it still goes on with it.
      def goes_with_list?(text) = (amount_last?(text) && !sentence?(text)) || between?(text) || amount_within?(text) || seasoning?(text)

      # Behind a bullet, as the one above it was.
      def listed?(line) = @mode == :either && @draft.begun? && line.bullet && @lines[@at - 1].bullet && !sentence?(line.text)

      # "flaky salt" with an ingredient above and one below.
      def between?(text)
        amount_below? && !sentence?(text)
      end

      # "salt": a word of its own.
      def seasoning?(text) = text.split.size <= 2 && SEASONINGS.include?(matcher.one(text)&.family)

      # "3 cups quick oats" below a "boil 1 minute" in the middle of a list.
      def goes_back?(text) = amount_first?(text) && !text.end_with?(".") && of_known?(text)

      def ingredient(text)
        return unused_alternative(text) if @instead || (text.match?(OR_ELSE) && @draft.begun?)

        return if behind_its_name?(text)

        list, *sentences = text.split(SENTENCE)
        told = sentences.any? && sentences.all? { |each| sentence?(each) } && amount_first?(list)
        several(told ? list : with_name(text)).each { |each| @draft.take(each) || @draft.line(to_taste(each)) }
        return unless told

        @mode = :method
        sentences.each { |each| told(each) }
      end

      # "100 g" on a line of its own below "dried apple rings", in a list that has the names first: put in front of its name.
      def behind_its_name?(text)
        name = @draft.last_line
        return false unless name && amount_alone?(text)

        waits = (reading(name).fault&.code == NOTHING) && (@draft.first_line? || @names_first || matcher.known?(name))
        to_taste = name.end_with?(TO_TASTE) && (@names_first || (@draft.first_line? && amount_last_in_list?))
        return false unless waits || to_taste

        @names_first = true
        @draft.last_line = "#{text} #{name.delete_suffix(TO_TASTE)}"
        true
      end

      # The list, a name or an amount a line, ends with an amount: so the names stand first.
      def amount_last_in_list?
        list = @lines.drop(@at).take_while { |line| !line.step && line.text.split.size <= 4 && RecipeWords.section(bare(line.text)).nil? }
        list.any? && amount_alone?(list.last.text)
      end

      # What stands below an "or" would be taken in the place of what stands above it.
      def unused_alternative(text)
        @instead = false
        @remarks << "“#{text}” comes after an “or”: the first choice is taken"
      end

      # Salt and spice without an amount are meant to taste; said.
      def to_taste(text)
        return text unless (reading(text).fault&.code == NOTHING) && SEASONINGS.include?(matcher.one(text)&.family)

        @remarks << "“#{text}” has no amount: taken as to taste"
        "#{text}#{TO_TASTE}"
      end

      # "1 cup" on a line of its own goes with the line below it.
      def with_name(text)
        while amount_alone?(text) && goes_on?(@lines[@at + 1])
          @at += 1
          text = "#{text} #{@lines[@at].text}"
        end
        text
      end

      def goes_on?(line)
        line && !line.bullet && !heading?(line) && !CardMarks.italic(line.text) && !meta?(line.text) && !RecipeYield.of(line.text)
      end
    end
  end
end
