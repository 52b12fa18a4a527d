# frozen_string_literal: true

module ElmCup
  class Assessment
    # What a component takes of another that was mixed before it. `fraction` is the share of what was mixed (Rational), nil
    # while it cannot be said; then `message` says why.
    #   take     Document::Take        source  Part        at  its pointer in the document
    Taking = Value.of(:take, :source, :at, fraction: nil, message: nil, assumptions: []) do
      # It is known how much.
      def known? = !fraction.nil?

      # Grams taken, nil while that is not known.
      def grams = fraction && source.grams * fraction

      # The lines that come along, as they were in the source: what was ground or made paste there stays so, and what was only
      # stirred in is cut where the taker has a processor.
      def lines(process)
        return [] unless known?

        source.contents.each_with_index.map { |line, at| line.read? ? carried(line, source.portion(at), process).times(fraction) : line }
      end

      # A line of the source as it comes into a component mixed by `process`, all of it. portion: its Binding::Portion in the source,
      # nil where it has none there.
      def carried(line, portion, process)
        return line.with(form: line.entry.form_under(process)) if process == "processor" && !line.form_named
        return line if portion.nil?

        line.with(form: portion.figures.form, form_named: true)
      end
    end
  end
end
