# frozen_string_literal: true

# Looks at every minute of a plan on its own, by nothing but the words of the problem: what is broken, in words.
module PlanValidator
  # starts: real start of each task of the project.
  def self.faults(project, starts)
    at = project.tasks.zip(starts).to_h { |task, start| [task.id, start] }
    ends = project.tasks.to_h { |task| [task.id, at[task.id] + task.minutes] }
    use = Hash.new { |hash, name| hash[name] = Hash.new(0) }
    project.tasks.each { |task|
      task.uses.each { |name, count|
        (at[task.id]...ends[task.id]).each { |minute|
          use[name][minute] += count
        }
      }
    }
    project.links.each { |link|
      link.keeps.each { |name, count|
        (ends[link.from]...at[link.to]).each { |minute|
          use[name][minute] += count
        }
      }
    }
    crowds(project, use) + project.links.flat_map { |link| wait(link, at[link.to] - ends[link.from]) } + limits(project, at, ends)
  end

  def self.crowds(project, use)
    use.flat_map do |name, minutes|
      closed = Hash.new(0)
      (project.blocked[name] || []).each { |from, to, count| (from...to).each { |minute| closed[minute] += count } }
      minutes.filter_map do |minute, count|
        room = [project.resources[name] - closed[minute], 0].max
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
