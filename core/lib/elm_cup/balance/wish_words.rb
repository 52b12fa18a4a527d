# frozen_string_literal: true

module ElmCup
  module Balance
    # Wishes as people say them, both ways: a Wish in a cook's words, and the Wish that typed words mean.
    module WishWords
      BOUNDS = {"<=" => "at most", ">=" => "at least", "=" => "about"}.freeze
      OF = {"piece" => " a piece", "share" => "", "part" => "", "batch" => ""}.freeze

      # "rolls", "at most 3 g of free sugar a piece", "without peanut", "keep tahini".
      def self.say(wish, library)
        said = wish.figure? ? figure(wish) : plain(wish, library)
        wish.part ? "#{wish.part}: #{said}" : said
      end

      class << self
        private

        def figure(wish)
          row = wish.row
          bound = BOUNDS.fetch(wish.op)
          places = [row.places, decimals(wish.value)].max
          case row.key
          when "pieces" then "#{"#{bound} " unless wish.op == "="}#{row.said(wish.value)} pieces"
          when "grams" then "#{bound} #{row.said(wish.value, places: places)} in all"
          when "kcal" then "#{bound} #{row.said(wish.value, places: places)} a piece"
          when "grease", "sweetness" then "#{row.name} #{bound} #{row.said(wish.value, places: places)}"
          when "cost" then "costs #{bound} #{row.said(wish.value, places: places)} a piece"
          else "#{bound} #{row.said(wish.value, places: places)} of #{row.name} a piece"
          end
        end

        def decimals(value) = Wish.number(value)[/\.(\d+)/, 1].to_s.length

        def plain(wish, library)
          name = library[wish.value]&.name&.downcase || Mixture::Allergens::WORDS[wish.value] || wish.value
          case wish.key
          when "texture" then wish.textures.uniq.join(" or ")
          when "diet" then wish.value
          when "lock" then library[wish.value] ? "keep #{name}" : "keep what holds #{name}"
          when "without" then "without #{name}"
          end
        end
      end
    end
  end
end
