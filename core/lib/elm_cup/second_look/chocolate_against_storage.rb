# frozen_string_literal: true

module ElmCup
  module SecondLook
    # A chocolate coat that does not suit where the pieces live: one that was not tempered softens in a room, and goes dull.
    # Common practice.
    module ChocolateAgainstStorage
      ID = "chocolate-against-storage"

      # Findings about a Whole; empty where there is nothing to say.
      def self.look(whole)
        return [] unless whole.assessment.formula.lives == "room"

        coat = whole.assessment.section("cold").substances.coat or return []
        part = whole.assessment.section("keep").parts.find { |each| each.component == coat.name && each.soft } or return []
        [found(whole, part)]
      end

      def self.found(whole, part)
        work = whole.assessment.coat.work
        to_c = whole.assessment.section("cold").holds.find { |hold| hold.component == part.component }.holds_to_c
        holds = to_c ? "softens over #{to_c} °C" : "stays soft"
        temper = !work.tempered? && !work.kind["work_low_c"].nil?
        Finding.mended_by(rule: ID, component: part.component, remedy_text: temper ? "Temper it" : "Keep it in the fridge",
          message: "The #{part.component} #{holds}, too little for a room#{" unless it is tempered" if temper}.",
          patch: temper ? school(whole) : [{"op" => "add", "path" => "/lives", "value" => "fridge"}])
      end

      # The coat as it is, tempered.
      def self.school(whole)
        coat = whole.assessment.formula.coat
        value = {"kind" => coat.kind.id, "component" => coat.component, "coats" => coat.coats, "thickness_mm" => coat.thickness_mm,
                 "school" => "tempered"}.compact
        [{"op" => "add", "path" => "/coat", "value" => value}]
      end
      private_class_method :found, :school
    end
  end
end
