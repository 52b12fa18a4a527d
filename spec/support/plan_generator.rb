# frozen_string_literal: true

# Made-up projects to plan, as the table of check cases says they are made: 2 or 3 formulas of hands-on tasks in a chain with plain links,
# waits in a place, a melt into the last, and absences.
class PlanGenerator
  # count: a range of tasks; unit: minutes that all times are multiples of.
  def self.project(seed, count:, unit: 1)
    (0..).each do |again|
      project = new(Random.new(seed * 1_000 + again), unit, count).project
      return project.with(seed: 1) if count.cover?(project.tasks.size)
    end
  end

  AT = 5_000

  def initialize(random, unit, count)
    @random = random
    @unit = unit
    @count = count
  end

  def project
    @tasks = []
    @links = []
    formulas = between(*((@count.last > 14) ? [2, 4] : [2, 3]))
    formulas.times { |formula| chain((65 + formula).chr, share(formulas)) }
    mode = chance(50) ? "ready_by" : "start_at"
    ElmCup::Plan::Project.new(mode: mode, at: AT, tasks: @tasks, links: @links, resources: resources, blocked: {"hands" => absences(mode)})
  end

  private

  def between(low, high) = low + @random.rand(high - low + 1)

  def chance(percent) = @random.rand(100) < percent

  def minutes(low, high) = @unit * between(low, high)

  def share(formulas) = [between(@count.first, @count.last) / formulas - 2, 2].max

  def resources
    slots = -> { chance(70) ? 1 : 2 }
    @resources ||= {"hands" => chance(15) ? 2 : 1, "processor" => 1, "melt" => 1, "oven" => 1, "freezer" => slots.call,
                    "fridge" => slots.call}
  end

  def chain(name, length)
    steps = (1..length).map do |step|
      uses = {"hands" => 1}
      uses["processor"] = 1 if step <= length / 2 && chance(35)
      add("#{name}#{step}", minutes(1, 6), uses)
    end
    melted = chance(60) ? minutes(1, 2) : 0
    steps.each_cons(2) { |from, to| between_steps(from, to, (to == steps.last) ? melted : 0) }
    melt(name, steps, melted) if melted.positive?
    last_wait(steps.last, add("#{name}r", 0, {}))
  end

  def add(id, minutes, uses)
    @tasks << ElmCup::Plan::Task.new(id: id, minutes: minutes, uses: uses)
    id
  end

  def link(from, to, least, greatest = nil, place = nil)
    @links << ElmCup::Plan::Link.new(from: from, to: to, least: least, greatest: greatest, keeps: place ? {place => 1} : {})
  end

  # melted: minutes that must find their place between the two, or the formula could not even be made alone.
  def between_steps(from, to, melted)
    return link(from, to, 0, chance(30) ? [minutes(0, 4), melted].max : nil) if chance(35)

    least = minutes(2, 12)
    place = ["freezer", "fridge", "oven", nil][@random.rand(4)]
    greatest = if place == "oven"
      least + @unit
    elsif chance(45)
      least + minutes(0, 6)
    end
    link(from, to, least, greatest, place)
  end

  # Chocolate melts into the last step, and cools in the meantime.
  def melt(name, steps, minutes)
    last = @tasks.index { |task| task.id == steps.last }
    @tasks[last] = @tasks[last].with(uses: @tasks[last].uses.merge("melt" => 1))
    id = add("#{name}m", minutes, {"hands" => 1, "melt" => 1})
    link(id, steps.last, 0, @unit * between(0, 2), "melt")
    link(steps.first, id, 0)
  end

  def last_wait(from, mark) = link(from, mark, minutes(1, 8), nil, [nil, "freezer", "fridge"][@random.rand(3)])

  def absences(mode)
    return [] if chance(50)

    Array.new(between(1, 2)) do
      length = minutes(4, 24)
      from = minutes(2, 40)
      (mode == "ready_by") ? [AT - from - length, AT - from, resources["hands"]] : [AT + from, AT + from + length, resources["hands"]]
    end
  end
end
