# frozen_string_literal: true

# Looks at a plan on its own, by nothing but the words of the problem: what is broken, in words.
module PlanValidator
  # starts: real start of each task of the project.
  def self.faults(project, starts)
    at = project.tasks.zip(starts).to_h { |task, start| [task.id, start] }
    ends = project.tasks.to_h { |task| [task.id, at[task.id] + task.minutes] }
    taken = project.tasks.flat_map { |task| task.uses.map { |name, count| [name, count, at[task.id], ends[task.id]] } } +
      project.links.flat_map { |link| link.keeps.map { |name, count| [name, count, ends[link.from], at[link.to]] } }
    crowds(project, taken.select { |_, _, from, to| from < to }) +
      project.links.flat_map { |link| wait(link, at[link.to] - ends[link.from]) } + limits(project, at, ends)
  end

  # What is taken only ever grows where something begins, and room only ever shrinks where something is closed: those minutes are looked at.
  def self.crowds(project, taken)
    taken.group_by(&:first).flat_map do |name, stretches|
      closed = project.blocked[name] || []
      minutes = (stretches.map { |stretch| stretch[2] } + closed.map(&:first)).uniq
      minutes.filter_map do |minute|
        count = stretches.sum { |_, each, from, to| (from <= minute && minute < to) ? each : 0 }
        away = closed.sum { |from, to, each| (from <= minute && minute < to) ? each : 0 }
        room = [project.resources[name] - away, 0].max
        "#{name} at #{minute}: #{count} of #{room}" if count > room
      end
    end
  end

  def self.wait(link, gap)
    found = []
    found << "#{link.from} to #{link.to}: #{gap} of at least #{link.least}" if gap < link.least
    found << "#{link.from} to #{link.to}: #{gap} of at most #{link.greatest}" if link.greatest && gap > link.greatest
    found
  end

  def self.limits(project, at, ends)
    project.tasks.flat_map do |task|
      found = []
      found << "#{task.id} starts at #{at[task.id]}, pinned to #{task.pin}" if task.pin && at[task.id] != task.pin
      found << "#{task.id} starts before the start" if !project.ready_by? && at[task.id] < project.at
      found << "#{task.id} is over at #{ends[task.id]}" if project.deadline(task) && ends[task.id] > project.deadline(task)
      found << "#{task.id} starts before now" if project.now && !task.past && at[task.id] < project.now
      found
    end
  end
end
