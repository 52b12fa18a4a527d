# frozen_string_literal: true

module ElmCup
  module Door
    # An Assessment as a Hash ready for JSON ("assessment/1"): its parts, and the keys that its sections register.
    module AssessmentWriter
      VERSION = "assessment/1"
      # As a cook asks; sections that are not named here come behind.
      ORDER = %w[components pieces coat practice cold keep nutrition cost diets findings notes wishes].freeze

      # sections: names of what is wanted, nil for everything; without: of what is not. InvalidDocument names one that there is not.
      def self.call(assessment, sections: nil, without: [])
        wanted = wanted(sections) - known(without)
        said = {"elm_cup" => VERSION, "name" => assessment.name, "grams" => Json.round(assessment.grams, 2)}
        sections = (wanted - [Assessment::COMPONENTS]).map { |name| assessment.section(name) }
        said.merge!(parts(assessment, sections)) if wanted.include?(Assessment::COMPONENTS)
        sections.each { |each| said.merge!(section(each)) }
        said
      end

      # The keys of one Section.
      def self.section(section) = keys(section.said)

      # [name, value, digits] of each as JSON has it.
      def self.keys(triples)
        triples.each_with_object({}) { |(key, value, digits), said| said[key] = Json.of(value, digits) unless value.nil? }
      end
      private_class_method :keys

      class << self
        private

        def wanted(sections)
          sections ? known(sections) : names.reject { |name| Section.all[name]&.asked? }
        end

        def names = ORDER & Assessment.section_names | Assessment.section_names

        # Those names in the order of an answer.
        def known(sections)
          strange = (sections - names).first
          if strange
            InvalidDocument.refuse("/sections", :no_such_section, section: strange.to_s.scrub[0, 60], sections: names.join(", "))
          end
          names & sections
        end

        # Components with what the wanted sections say of each.
        def parts(assessment, sections)
          writer = PartWriter.new(assessment)
          of_parts = sections.select { |each| each.class.part_keys.any? }
          said = {"components" => assessment.components.map { |part|
            of_parts.inject(writer.component(part)) { |component, each| component.merge(keys(each.said_of(part))) }
          }}
          said["splits"] = assessment.flavours.each_with_index.map { |flavour, at| writer.flavour(flavour, at) } if assessment.flavours.any?
          said
        end
      end
    end
  end
end
