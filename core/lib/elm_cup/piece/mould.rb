# frozen_string_literal: true

module ElmCup
  module Piece
    # Cavities of a mould, each a dome; two of them may be joined to one piece. A shell on their wall leaves less room.
    class Mould < Shape
      kind "mould"

      CAVITY_ML = 10.0
      WAYS = [Way.new(key: "cavity_ml", word: "mL a cavity", usual: 10, unit: "mL", beside: true), Way::PIECES].freeze

      def self.usual = new("kind" => id, "cavity_ml" => CAVITY_ML.to_i)

      def self.ways = WAYS

      def self.tools = "moulds"

      def self.called = ["moulded piece", "moulded pieces"]

      def with_tool(tool) = with_said(cavity_ml: tool.ml)

      def made_with?(tool) = tool.ml == @cavity

      def cavities_of(yielded) = yielded.count * halves

      def poured?(_want) = true

      def piece_ml = @cavity * halves

      # Cavities that a piece takes.
      def halves = @joined ? 2 : 1

      def yield_of(layers, count: fixed_count, whole: layers, inset: Inset::NONE)
        most = room_ml(inset) * halves * layers.density
        each = if count then count.positive? ? [layers.grams / count, most].min : whole.grams
        else most
        end
        number = count&.positive? ? count : whole_pieces(layers.grams / each)
        body = body()
        Yield.new(count: number, words: counted(number), piece_grams: each, piece_ml: each / layers.density, body: body,
          size: size(body), practice_mm: body.mm.first, diameter_mm: body.mm.first, layers: stacked(layers, each, inside_mm(body, inset)),
          over_grams: [layers.grams - number * each, 0.0].max, full_grams: count && count * most, gives_way: @count ? "filling" : "pieces",
          notes: notes(layers, count, most))
      end

      def resizes? = false

      # The wall of the cavity, and a lid where nothing is joined to it.
      def shell_of(_yielded, inset)
        outer = Dome.of_millilitres(@cavity)
        inner = outer.with(radius_mm: [outer.radius_mm - inset.wall_mm, outer.radius_mm / 4].max)
        wall = (outer.volume_mm3 - inner.volume_mm3) * halves
        return [["wall", inset.wall_mm, wall]] if @joined

        [["wall", inset.wall_mm, wall], ["lid", inset.bottom_mm, inner.volume_mm3 - room_ml(inset) * 1000]]
      end

      def heat_path(yielded) = HeatPath.apart(yielded.layers, yielded.body)

      private

      def from_said(said)
        @cavity = float(said, "cavity_ml")
        @joined = said["joined"] || false
        @count = said["pieces"]
      end

      def body
        dome = Dome.of_millilitres(@cavity)
        @joined ? Spheroid.new(diameter_mm: 2 * dome.radius_mm, length_mm: 2 * dome.radius_mm) : dome
      end

      # Millimetres that the filling is high: a shell lies under and over what is joined, and a lid on what is not.
      def inside_mm(body, inset) = body.mm.last - (@joined ? 2 * inset.wall_mm : inset.wall_mm + inset.bottom_mm)

      # Millilitres of one cavity inside its shell; where two are joined nothing closes them.
      def room_ml(inset)
        radius = Dome.of_millilitres(@cavity).radius_mm
        inside = [radius - inset.wall_mm, radius / 4].max
        lid = @joined ? 0.0 : Math::PI * inside**2 * inset.bottom_mm
        [2 * Math::PI / 3 * inside**3 - lid, 0.05 * @cavity * 1000].max / 1000
      end

      def size(body)
        @joined ? "#{body.mm.first.round} mm across, two halves joined" : "#{body.mm.first.round} mm across, #{body.mm.last.round} mm high"
      end

      def notes(layers, count, most)
        return [] unless count && layers.grams - count * most > most * Cup::SOME_OVER

        ["#{count} take #{(count * most).round} g; #{(layers.grams / most).ceil} would take all of it."]
      end
    end
  end
end
