# frozen_string_literal: true

module ElmCup
  module Exchange
    # The lines of a cut at true size, to lie under or over a slab: as many sheets of A4 as it takes, each with a bar of 50 mm to check the
    # printer by.
    class CutTemplate
      POINTS_PER_MM = 72 / 25.4
      # A4 less a margin that any printer keeps, and the foot with the bar.
      WIDTH_MM = 190.0
      HEIGHT_MM = 262.0
      MARGIN_MM = 10.0
      BAR_MM = 50.0
      GREY = "666666"

      # assessment: Assessment of the formula. InvalidDocument where nothing is cut.
      def initialize(assessment)
        @yield = assessment.pieces.together
        InvalidDocument.refuse("/shape", :nothing_cut) unless @yield&.cut && @yield.tin
        @name = assessment.name
        @sides = [@yield.tin.mm[0], @yield.tin.mm[1] || @yield.tin.mm[0]].map(&:to_f)
      end

      # Bytes of the document.
      def to_pdf
        # It is a large library, and few ask for a template.
        require "prawn"
        Prawn::Fonts::AFM.hide_m17n_warning = true
        pdf = Prawn::Document.new(page_size: "A4", margin: 0, info: {Title: "Cut of #{ascii(@name)}", Creator: "Elm Cup"})
        sheets.each_with_index { |sheet, at| page(pdf, sheet, at) }
        pdf.render
      end

      # [[left, top] mm of the tin that each sheet begins at, …], row by row; a long side lies along the sheet.
      def sheets
        across, along = turned
        (0...(along / HEIGHT_MM).ceil).flat_map { |row|
          (0...(across / WIDTH_MM).ceil).map { |column|
            [column * WIDTH_MM, row * HEIGHT_MM]
          }
        }
      end

      private

      # [mm across the sheet, mm along it].
      def turned = turn? ? @sides.reverse : @sides

      def turn? = @sides[0] > @sides[1]

      def page(pdf, (left, top), at)
        pdf.start_new_page unless at.zero?
        pdf.save_graphics_state do
          pdf.rectangle([mm(MARGIN_MM), mm(297 - MARGIN_MM)], mm(WIDTH_MM), mm(HEIGHT_MM))
          pdf.add_content("W n")
          pdf.line_width = 0.6
          drawing(pdf, left, top)
        end
        foot(pdf, at)
      end

      def drawing(pdf, left, top)
        place = ->(x, y) { [mm(MARGIN_MM + x - left), mm(297 - MARGIN_MM - y + top)] }
        @yield.cut.rings_mm.any? ? round(pdf, place) : square(pdf, place)
      end

      def square(pdf, place)
        across, along = turned
        x, y = turn? ? [@yield.cut.y_mm, @yield.cut.x_mm] : [@yield.cut.x_mm, @yield.cut.y_mm]
        pdf.stroke_color(GREY)
        pdf.dash(3, space: 2)
        pdf.stroke_polygon(place[0, 0], place[across, 0], place[across, along], place[0, along])
        pdf.undash
        pdf.stroke_color("000000")
        x.each { |at| pdf.stroke_line(place[at, y.first], place[at, y.last]) }
        y.each { |at| pdf.stroke_line(place[x.first, at], place[x.last, at]) }
      end

      def round(pdf, place)
        middle = @sides[0] / 2
        rings = @yield.cut.rings_mm
        [middle, *rings].uniq.each { |radius| pdf.stroke_circle(place[middle, middle], mm(radius)) }
        wedges = @yield.cut.grid[0]
        return if wedges < 2

        wedges.times do |at|
          turn = 2 * Math::PI * at / wedges
          pdf.stroke_line(place[middle, middle], place[middle + rings.last * Math.sin(turn), middle - rings.last * Math.cos(turn)])
        end
      end

      def foot(pdf, at)
        pdf.stroke_color("000000")
        pdf.line_width = 0.6
        left, height = mm(MARGIN_MM), mm(14)
        right = left + mm(BAR_MM)
        pdf.stroke_line([left, height], [right, height])
        [left, right].each { |x| pdf.stroke_line([x, height - 4], [x, height + 4]) }
        pdf.font_size(9)
        pdf.draw_text("50 mm: measure it; print at 100 %, not fitted to the page", at: [right + 10, height - 3])
        number = (sheets.size > 1) ? ", sheet #{at + 1} of #{sheets.size}" : ""
        pdf.draw_text(ascii("#{@name}: #{@yield.tin.words}, cut #{@yield.cut.words}#{number}")[0, 110], at: [left, mm(8)])
      end

      # What the fonts of every PDF reader have.
      def ascii(text) = text.tr("×", "x").encode("Windows-1252", invalid: :replace, undef: :replace, replace: "?").encode("UTF-8")

      def mm(millimetres) = millimetres * POINTS_PER_MM
    end
  end
end
