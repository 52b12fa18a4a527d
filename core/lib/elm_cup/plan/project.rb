# frozen_string_literal: true

module ElmCup
  module Plan
    # What is to be laid on the clock, in elapsed whole minutes from any moment: zones are for the doors.
    #   mode       "ready_by": over by `at`, begun as late as can be; "start_at": from `at` on, over as soon as can be
    #   tasks      Tasks      links  Links between them, free of circles where it can be solved
    #   resources  name => how many there are      blocked  resource => [[from, to, how many of it are not to be had], …]
    #   now        minute before which nothing that is still to do can start; nil where that does not matter
    #   seed       of all that is tried at random
    # Source: docs/model.md, Plan.
    Project = Value.of(:mode, :at, :tasks, :links, :resources, blocked: {}.freeze, now: nil, seed: 1) do
      # The project of JSON as the check cases write it. A block without a count takes all there is.
      def self.of(said, seed: 1)
        resources = said["resources"]
        tasks = said["tasks"].map { |task| Task.new(**task.transform_keys(&:to_sym)) }
        links = said["links"].map { |link| Link.new(**link.transform_keys(&:to_sym)) }
        blocked = said.fetch("blocked", {}).to_h { |name, list|
          [name, list.map { |from, to, count|
            [from, to, count || resources[name]]
          }]
        }
        new(mode: said["mode"], at: said["at"], tasks: tasks, links: links, resources: resources, blocked: blocked, seed: seed)
      end

      def ready_by? = mode == self.class::READY_BY

      # Tasks by id.
      def by_id = tasks.to_h { |task| [task.id, task] }

      # Minute that a task must be over by; nil where it need not.
      def deadline(task) = task.ready_by || (at if ready_by?)
    end
    Project::READY_BY = "ready_by"
    Project::START_AT = "start_at"
    Project::HANDS = "hands"
    # Minutes without a hand's turn after which it is another visit to the kitchen.
    Project::VISIT_GAP = 15
  end
end
