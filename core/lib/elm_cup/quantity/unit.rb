# frozen_string_literal: true

module ElmCup
  module Quantity
    # A unit of a typed line. `kind` says what its size depends on:
    #   :mass       `size` grams
    #   :volume     `size` millilitres
    #   :household  `size` times a measure of the cup standard (:cup, :tablespoon, :teaspoon, :fluid_ounce)
    #   :stick, :handful  a mass by custom      :container, :portion, :scoop  nothing until the line or the ingredient says
    #   :count       "pieces": the things themselves
    class Unit
      attr_reader :id, :kind, :size, :household, :names, :exact_names

      # guess: nobody measures by it, what it holds is a guess.
      def initialize(id, kind, names, size: nil, household: nil, exact: "", guess: false)
        @id = id
        @kind = kind
        @names = names.split(",")
        @exact_names = exact.split
        @size = size && Rational(size)
        @household = household
        @guess = guess
        freeze
      end

      # What it holds is a guess.
      def guess? = @guess

      # Millilitres of one unit in `standard`; nil when the unit is not a volume.
      def millilitres(standard)
        case kind
        when :volume then size
        when :household then size * standard.public_send(:"#{household}_ml")
        end
      end

      # "cuillère à soupe" and what is short for it, up to the last word.
      FRENCH_SPOONS = ["cuillères à", "cuillère à", "cuilleres a", "cuillere a", "c. à", "c à", "c. a", "c a"].freeze

      # `names` are matched whatever their case, `exact_names` only as written: T is a tablespoon, t a teaspoon.
      # Ounce and pound: NIST Handbook 44, Appendix C. Pinch, dash, drop, handful, stick, dessertspoon: common practice.
      ALL = [
        new(:gram, :mass, "grams,gram,grammes,gramme,gramm,grms,grm,gms,gm,grs,gr,g", size: 1),
        new(:kilogram, :mass, "kilograms,kilogram,kilos,kilo,kgs,kg", size: 1000),
        new(:milligram, :mass, "milligrams,milligram,mg", size: "1/1000"),
        new(:ounce, :mass, "ounces,ounce,ozs,oz", size: "28.349523125"),
        new(:pound, :mass, "pounds,pound,lbs,lb", size: "453.59237"),
        new(:millilitre, :volume, "millilitres,milliliters,millilitre,milliliter,mls,ml,cc", size: 1),
        new(:centilitre, :volume, "centilitres,centiliters,centilitre,centiliter,cl", size: 10),
        new(:decilitre, :volume, "decilitres,deciliters,decilitre,deciliter,dl", size: 100),
        new(:litre, :volume, "litres,liters,litre,liter,l", size: 1000),
        new(:cup, :household, "cups,cup,cp,c", household: :cup, size: 1),
        new(:tablespoon, :household, "tablespoons,tablespoon,tablespoonfuls,tablespoonful,spsk,msk,tbsps,tbsp,tbs,tbls,tblsp,tbl,tb," \
          "esslöffel,eetlepels,eetlepel,#{FRENCH_SPOONS.map { |spoon| "#{spoon} soupe" }.join(",")},cucharadas,cucharada,cucchiai," \
          "cucchiaio,colheres de sopa,colher de sopa", household: :tablespoon, size: 1, exact: "T EL"),
        new(:teaspoon, :household, "teaspoons,teaspoon,teaspoonfuls,teaspoonful,tsk,tsps,tsp,ts,teelöffel,theelepels," \
          "theelepel,#{FRENCH_SPOONS.map { |spoon| "#{spoon} café" }.join(",")},cucharaditas,cucharadita,cucchiaini,cucchiaino," \
          "colheres de chá,colher de chá", household: :teaspoon, size: 1, exact: "t TL"),
        new(:dessertspoon, :household, "dessertspoons,dessertspoon,dessertspoonfuls,dessertspoonful,dstsp,dsp", household: :teaspoon,
          size: 2),
        new(:fluid_ounce, :household, "fluid ounces,fluid ounce,fl. oz,fl oz,floz", household: :fluid_ounce, size: 1),
        new(:pint, :household, "pints,pint,pt", household: :cup, size: 2),
        new(:quart, :household, "quarts,quart,qt", household: :cup, size: 4),
        new(:pinch, :household, "pinches,pinch,prise", household: :teaspoon, size: "1/16"),
        new(:dash, :household, "dashes,dash", household: :teaspoon, size: "1/8"),
        new(:drop, :volume, "drops,drop", size: "0.05"),
        *{"splash" => 1, "glug" => 1, "slosh" => 1, "dollop" => 1}.map { |word, size|
          new(word.to_sym, :household, "#{word}#{"e" if word.end_with?("sh")}s,#{word}", household: :tablespoon, size: size, guess: true)
        },
        *{"drizzle" => "3/2", "swirl" => "3/2", "squeeze" => 1, "sprinkle" => "1/2", "sprinkling" => "1/2", "dab" => "1/2",
          "smidgen" => "1/32"}.map { |word, size|
          new(word.to_sym, :household, "#{word}s,#{word}", household: :teaspoon, size: size, guess: true)
        },
        new(:spoon, :household, "spoonfuls,spoonful,spoons,spoon,big spoons,big spoon,large spoons,large spoon", household: :tablespoon,
          size: 1, guess: true),
        new(:small_spoon, :household, "small spoons,small spoon,little spoons,little spoon", household: :teaspoon, size: 1, guess: true),
        new(:glass, :volume, "glasses,glass,glassfuls,glassful", size: 200, guess: true),
        new(:mug, :volume, "mugs,mug,mugfuls,mugful", size: 300, guess: true),
        new(:teacup, :volume, "teacups,teacup,tea cups,tea cup", size: 150, guess: true),
        new(:katori, :volume, "katoris,katori,vatis,vati", size: 150, guess: true),
        new(:knob, :mass, "knobs,knob", size: 12, guess: true),
        new(:shot, :volume, "shots,shot", size: 30, guess: true),
        new(:handful, :handful, "handfuls,handful,handsful", size: 30),
        new(:stick, :stick, "sticks,stick", size: "113.4"),
        new(:scoop, :scoop, "scoops,scoop"),
        new(:can, :container, "cans,can,tins,tin"),
        new(:bag, :container, "bags,bag,packets,packet,packages,package,pkgs,pkg,pkts,pkt,packs,pack,pouches,pouch,sachets,sachet,päckchen,pck,envelopes,envelope"),
        new(:jar, :container, "jars,jar,tubs,tub,pots,pot,punnets,punnet,bottles,bottle,cartons,carton,boxes,box"),
        new(:bar, :container, "bars,bar,blocks,block,slabs,slab"),
        new(:sleeve, :container, "sleeves,sleeve"),
        new(:piece, :count, "pieces,piece"),
        *%w[square cube slice strip sheet chunk lump].map { |word|
          new(word.to_sym, :portion, ["#{word}s", word, ("sq" if word == "square")].compact.join(","))
        }
      ].freeze

      BY_NAME = ALL.flat_map { |unit| unit.names.map { |name| [name, unit] } }.to_h.freeze
      BY_EXACT_NAME = ALL.flat_map { |unit| unit.exact_names.map { |name| [name, unit] } }.to_h.freeze

      # A full stop after the unit is let go.
      PATTERN = /(?:(?-i:#{BY_EXACT_NAME.keys.join("|")})|#{WordTree.source(BY_NAME.keys)})(?![[:alpha:]])\.?/i

      # Words of what things come in.
      CONTAINERS = ALL.select { |unit| unit.kind == :container }.flat_map(&:names).join("|").freeze

      # The unit written as `text`, or nil.
      def self.find(text)
        plain = text.delete_suffix(".").gsub(/\s+/, " ")
        BY_EXACT_NAME[plain] || BY_NAME[plain.downcase] || BY_NAME["#{plain.downcase}."]
      end

      # A unit's whole word as it stands behind `value`: "cup" behind 2 is "cups"; any other word as it is.
      def self.agreeing(word, value)
        several, one = BY_NAME[word]&.names&.first(2)
        return word unless one && [several, one].include?(word) && one.length > 2

        (value > 1) ? several : one
      end

      # The unit with this id; KeyError for no unit.
      def self.[](id) = BY_ID.fetch(id)

      BY_ID = ALL.to_h { |unit| [unit.id, unit] }.freeze
    end
  end
end
