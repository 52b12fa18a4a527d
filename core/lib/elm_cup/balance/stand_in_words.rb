# frozen_string_literal: true

module ElmCup
  module Balance
    # A line's amount of another ingredient, in words that can be read: "1/2 cup sunflower seed butter".
    module StandInWords
      # The text; nil where nothing can be written that reads. times: how many times the grams.
      def self.call(line, steps, entry, times, resolver)
        name = entry.names.first || entry.name.downcase
        form = line.form_named ? ", #{line.form}" : ""
        melted = line.melted ? ", melted" : ""
        grams = "#{LineText.number(line.base_grams * times)} g"
        same = (steps && times == 1 && %i[millilitres ounces].include?(steps.kind)) ? steps.text(0) : grams
        [same, grams].uniq.flat_map { |amount| ["#{amount} #{name}#{melted}#{form}", "#{amount} #{name}#{melted}", "#{amount} #{name}"] }
          .find do |text|
          resolver.resolve(text, chosen: entry.id).read?
        end
      end
    end
  end
end
