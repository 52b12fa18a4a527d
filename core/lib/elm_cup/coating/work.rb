# frozen_string_literal: true

module ElmCup
  module Coating
    # What a coat is made of and how it flows.
    #   coat  Coat      bowl  Mixture::Bowl of the part that it is made of, nil where there is none      grams  of that are there, nil
    #   likewise
    #   home_made  stirred of cocoa butter and cocoa      kind  row of chocolates.csv, nil of what is not melted
    #   school  "thinned" or "tempered"      room_c  °C
    class Work
      KINDS = DataTable.rows("chocolates").freeze
      BY_INGREDIENT = KINDS.flat_map { |row| DataTable.list(row["ingredients"]).map { |id| [id, row] } }.to_h.freeze
      USUAL = KINDS.first
      HOME_MADE = KINDS.find { |row| row["kind"] == "home_made" }
      SCHOOLS = %w[thinned tempered].freeze
      # A tempered bowl would be spoilt by cold centres; they are as warm as the room where nobody measured.
      TEMPERED_CENTRE_C = 20.0

      attr_reader :coat, :bowl, :grams, :school

      # lives: "room", "fridge" or "freezer".
      def initialize(coat, bowl, grams, lives:)
        @coat = coat
        @bowl = bowl
        @grams = grams
        @school = coat.school || School.suits(lives)
      end

      def home_made?
        !bowl.nil? && bowl.lines.none? { |line| chocolate?(line) } && bowl.lines.any? { |line| line.entry.like == "cocoa-butter" }
      end

      # A row of chocolates.csv: of what there is most of.
      def kind
        @kind ||= if home_made?
          HOME_MADE
        else
          leading = (bowl&.lines || []).select { |line| chocolate?(line) }.max_by(&:grams)
          (leading && BY_INGREDIENT[leading.entry.like]) || USUAL
        end
      end

      def chocolate = @chocolate ||= Chocolate.of(bowl, home_made: home_made?, tempered: tempered?)

      # It is tempered: what has no cocoa butter to temper is not.
      def tempered? = school == "tempered" && !kind["work_low_c"].nil?

      # Shell at the temperatures that were measured, else at those that the school works with.
      def shell
        @shell ||= Shell.new(chocolate, bowl_c: coat.bowl_c || (tempered? ? kind["work_high_c"].to_f : Shell::BOWL_C),
          centre_c: coat.centre_c || (tempered? ? TEMPERED_CENTRE_C : Shell::CENTRE_C))
      end

      private

      def chocolate?(line) = line.entry.family == "chocolate"
    end
  end
end
