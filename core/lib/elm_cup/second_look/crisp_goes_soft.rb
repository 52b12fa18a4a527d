# frozen_string_literal: true

module ElmCup
  module SecondLook
    # Crisp pieces in something moister than they can bear: they go soft in a day or two. Common practice.
    module CrispGoesSoft
      ID = "crisp-goes-soft"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        whole.tables.select(&:eaten_as_dough?).filter_map { |table| finding(table) }
      end

      def self.finding(table)
        line, index = table.read_lines.find { |each, _| Keeping::MoistureTrade.crisp?(each) }
        return unless line && table.read_lines.size > 1

        activity = Mixture::WaterActivity.of(table.bowl)
        return unless activity && activity.high > Keeping::MoistureTrade::CRISP_UP_TO

        Finding.mended_by(rule: ID, component: table.name, remedy_text: "Strew it on just before serving",
          message: "#{line.label} will go soft in a day or two: the water activity of the #{table.name} is about #{format("%.2f", activity.norrish)}, and crisp things soften over 0.5.",
          patch: [*LineRemedy.remove(table, index), {"op" => "add", "path" => "/components/-", "value" => strewn(line)}])
      end

      def self.strewn(line)
        said = line.text ? {"text" => line.text} : {"ingredient" => line.entry.id, "grams" => line.grams.to_f}
        {"name" => "strewn on", "type" => "topping", "lines" => [said]}
      end
      private_class_method :finding, :strewn
    end
  end
end
