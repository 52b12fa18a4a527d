# frozen_string_literal: true

module ElmCup
  module Door
    # What can be chosen from, for a screen: ingredients, scoops, textures, cup standards, spoons, and the usual kitchen.
    module Catalogue
      # A Hash ready for JSON.
      def self.of(library)
        {
          "ingredients" => library.all.map { |entry| ingredient(entry, library) },
          "scoops" => Piece::Scoop::NUMBERS.map { |number|
            {"number" => number, "millilitres" => Piece::Scoop.millilitres(number).to_f.round(2)}
          },
          "textures" => DataTable.rows("textures").map { |row| {"id" => row["id"], "word" => row["word"], "squeeze" => row["squeeze"]} },
          "texture_edges" => Binding::Texture.boundaries.map { |edge| edge.round(4) },
          "cups" => Quantity::CupStandard::ALL.values.map { |standard| {"id" => standard.id, "name" => standard.name} },
          "diets" => Mixture::Diets::ALL, "allergens" => Mixture::Allergens::WORDS, "rules" => SecondLook::IDS,
          "reasons" => Balance::Substitutes::REASONS, "wish_picks" => Json.of(Wish::Pick.all),
          "bowl_families" => Balance::BowlFamily::ALL.map { |family| {"id" => family.id, "name" => family.name} },
          "part_types" => Document::PartType::IDS, "usual_grams" => {"batch" => Assessment::Scaling::USUAL_GRAMS, "bowl" => Balance::UnknownBowl::USUAL_GRAMS},
          "shapes" => Piece::Shape.in_order.map { |kind| shape(kind) },
          "spoons" => Quantity::KitchenMeasures::KNOWN_SPOONS, "usual_kitchen" => usual_kitchen(library),
          "common_tools" => Piece::Equipment::KINDS.to_h { |kind| [kind, Piece::Equipment.common.fetch(kind)] },
          "materials" => Document::Household::MATERIALS, "coats" => coats,
          "currency" => library.currency || Pantry::USUAL_CURRENCY, "confidence_needed" => Ingredient::Naming::Matcher::LEAST_CONFIDENCE
        }
      end

      # What is so where a formula says nothing: the household's kitchen over a usual one, the air of its places by their keys.
      def self.usual_kitchen(library)
        kitchen = Document::Kitchen.from({}, library.kitchen)
        warmth = Document::Kitchen::WARMTH.to_h { |kind, key| [key, kitchen.place(kind).celsius.then { |each| (each % 1).zero? ? each.to_i : each }] }
        Document::Kitchen::USUAL.merge(library.kitchen.slice("cup", "spoons"), warmth)
      end

      def self.coats = Coating::Kind.all.values.map { |kind| {"id" => kind.id, "words" => kind.words, "melted" => kind.melted?} }

      def self.ingredient(entry, library)
        forms = library.weights(entry.id).map(&:form).uniq
        {"id" => entry.id, "name" => entry.name, "family" => entry.family, "names" => entry.names + entry.assumed_names, "forms" => forms,
         "allergens" => entry.allergens, "source" => entry.source, "own" => library.own?(entry.id)}
      end

      # A kind of shape, the usual one as a document says it, and the ways in which its size is said.
      def self.shape(kind)
        {"kind" => kind.id, "want" => Document::Want.of(Document::PartType.usual.id, kind.id), "usual" => kind.usual.said,
         "ways" => kind.ways.map { |way| Json.of(way).merge(way.bounds(kind.schema.value)) }}
      end
      private_class_method :usual_kitchen, :coats, :ingredient, :shape
    end
  end
end
