# frozen_string_literal: true

module ElmCup
  module Balance
    # The parts of an assessment as a Situation numbers them, and what comes of a gram of a line in each: where it stands, and in all
    # that take of that.
    class Places
      # Places: components, then what is folded into each flavour and what is strewn on it.
      attr_reader :all

      def initialize(assessment)
        @assessment = assessment
        @shaped = {}
        @in_piece = {}
        @finish = Finish.new(assessment)
        components = assessment.components.map { |part| [part, shaped(part), in_piece(part), nil] }
        flavours = assessment.flavours.each_with_index.flat_map do |flavour, bowl|
          [[flavour.folded, 1.0, @finish.kept, bowl], [flavour.topping, 0.0, @finish.on_pieces(flavour.topping), bowl]]
        end
        @all = (components + flavours).each_with_index.map do |(part, shaped, in_piece, bowl), at|
          Place.new(part: part, at: at, shaped: shaped, in_piece: in_piece, bowl: bowl)
        end
        @depths = {}
        @takers = {}
      end

      # part index => a gram's worth (Rows::PARTS) of a line of a Place, in the part it stands in and in those that take of that: sources
      # come before their takers, and what reaches a part by several ways in the same form goes on as one.
      # portion: the line's own Binding::Portion there, nil for a line that is not in it yet.
      def binding(place, line, portion)
        reached = Hash.new { |all, at| all[at] = {} }
        put(reached[place.at], line, portion, 1.0)
        in_order.each_with_object({}) do |here, found|
          reached.fetch(here.at, {}).each_value do |each, own, share|
            if here.part.mix && !each.grams.zero?
              found[here.at] = figures(here, each).map { |figure| figure * share }.zip(found.fetch(here.at, Rows::NOTHING)).map(&:sum)
            end
            takers(here).each do |other, taking|
              put(reached[other.at], taking.carried(each, own, other.part.process), nil, share * taking.fraction.to_f)
            end
          end
        end
      end

      private

      # What is left of a component, where that is shaped, and what others that are shaped take of it.
      def shaped(part) = @shaped[part.lines_at] ||= left(part) + taken(part) { |taker| shaped(taker) }

      # The same of finished pieces: what the shape leaves over is in none, and what coats them is.
      def in_piece(part)
        @in_piece[part.lines_at] ||= left(part) * @finish.kept + @finish.on_pieces(part) + taken(part) { |taker| in_piece(taker) }
      end

      def left(part) = part.in_piece? ? @assessment.left(part).to_f : 0.0

      def taken(part)
        @assessment.components.sum { |taker| takings_of(taker, part).sum { |taking| taking.fraction.to_f * yield(taker) } }
      end

      def takings_of(taker, source) = taker.takings.select { |taking| taking.known? && taking.source.equal?(source) }

      def put(lines, line, portion, share)
        form = [line.form, line.form_named, line.melted]
        lines[form] = [line, portion, share + (lines[form]&.last || 0.0)]
      end

      # [Place, Taking] of all that take of a place.
      def takers(place) = @takers[place.at] ||= all.flat_map { |other| takings_of(other.part, place.part).map { |taking| [other, taking] } }

      # Places with sources before what takes of them.
      def in_order = @in_order ||= all.sort_by { |place| [depth(place.part), place.at] }

      def depth(part) = @depths[part.lines_at] ||= part.takings.map { |taking| 1 + depth(taking.source) }.max || 0

      def figures(place, line)
        portion = place.part.mix.portion_of(line)
        Rows::PARTS.map { |figure| portion.public_send(figure) }
      end
    end
  end
end
