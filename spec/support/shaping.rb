# frozen_string_literal: true

# Doughs and coats for tests of shapes.
module Shaping
  # Piece::Layers of one dough, or of several: [name, type, grams, g/mL].
  def dough(grams, density: 1.17, layers: [["dough", "dough", grams, density]])
    ElmCup::Piece::Layers.new(layers.map { |name, type, mass, each|
      ElmCup::Piece::Layer.new(component: name, type: type, grams: mass, millilitres: mass / each)
    })
  end

  # The Piece::Shape of a kind.
  def shape(kind, **said) = ElmCup::Piece::Shape.from({"kind" => kind, **said.transform_keys(&:to_s)})

  # The Yield of a dough of so many grams.
  def shaped(kind, grams, density: 1.17, inset: ElmCup::Piece::Inset::NONE, **said)
    layers = dough(grams, density: density)
    shape(kind, **said).yields_of([layers], whole: layers, inset: inset).first
  end

  # A formula document with a dough of some 420 g, and a shell of chips thinned with coconut oil.
  def coated(shape, coat: nil, shell: ["170 g dark chocolate chips", "2 tsp coconut oil"], **more)
    document = formula("300 g almond butter", "60 g coconut flour", "60 g honey", shape: shape)
    document = document.merge("components" => document["components"] + [{"name" => "shell", "type" => "coating",
                                                                         "lines" => shell.map { |text| {"text" => text} }}])
    document.merge({"coat" => coat}.compact, more.transform_keys(&:to_s))
  end
end

RSpec.configure { |config| config.include Shaping }
