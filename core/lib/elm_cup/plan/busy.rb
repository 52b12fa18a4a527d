# frozen_string_literal: true

module ElmCup
  module Plan
    # What other plans take of the kitchen: resource => [[from, to, how many], …].
    Busy = Value.of(:blocked) do
      # Of plans that were kept ("plan/1", Hashes). Times that cannot be read take nothing.
      def self.of(plans, calendar)
        blocked = Hash.new { |hash, name| hash[name] = [] }
        plans.each do |plan|
          (plan["tasks"] || []).each { |task| task["uses"].each { |name| add(blocked, name, task, 1, calendar) } }
          (plan["waits"] || []).each { |wait| add(blocked, wait["place"], wait, wait["slots"] || 1, calendar) if wait["place"] }
        end
        new(blocked: blocked.to_h)
      end

      def self.add(blocked, name, stretch, count, calendar)
        from, to = stretch.values_at("start", "end").map { |text| calendar.minute(text.to_s) }
        blocked[name] << [from, to, count] if from && to && to > from
      end

      # [[from, to, how many], …] of a resource.
      def of(resource) = blocked.fetch(resource, [])

      def self.none = new(blocked: {})
      private_class_method :add
    end
  end
end
