# frozen_string_literal: true

module ElmCup
  class Assessment
    # A line that is not read, or a share that cannot be taken: what waits to be mended.
    #   component  the name of its part     pointer  its place in the document     text  as typed     status, message  as of a line
    Flag = Value.of(:component, :pointer, :text, :status, :message) do
      def self.of_lines(part)
        part.lines.each_with_index.reject { |line, _| line.read? }.map do |line, at|
          new(component: part.name, pointer: "#{part.lines_at}/#{at}", text: line.label, status: line.status.to_s, message: line.message)
        end
      end

      def self.of_takes(part)
        part.takings.reject(&:known?).map do |taking|
          new(component: part.name, pointer: taking.at, text: taking.take.text || "a share of #{taking.take.component}", status: "waits",
            message: taking.message)
        end
      end
    end
  end
end
