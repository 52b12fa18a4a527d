# frozen_string_literal: true

require "highs"

# The least span of a small project, by a mixed-integer programme over steps of time: y(i, t) is 1 where task i has started by t.
# Source: the on/off formulation of resource-constrained scheduling in time-indexed variables (Pritsker, Watters and Wolfe 1969; in steps,
# Christofides, Alvarez-Valdes and Tamarit 1987), from memory.
class PlanProgramme
  # The least span in minutes. span: one that is known to do; unit: minutes that all times are multiples of.
  def self.least_span(project, span:, unit:) = new(project, span, unit).least_span

  def initialize(project, span, unit)
    @project = project
    @unit = unit
    @steps = span / unit
    @first = project.ready_by? ? project.at - span : project.at
    @at = project.tasks.each_with_index.to_h { |task, index| [task.id, index] }
    @rows = []
  end

  def least_span
    starts
    links
    @project.resources.each_key { |name| room(name) }
    spans
    answer = solve
    raise "no least span: #{answer[:status]}" unless answer[:status] == :optimal

    (answer[:obj_value] * @unit).round
  end

  private

  def length(task) = @project.tasks[task].minutes / @unit

  def column(task, step) = task * (@steps + 1) + step

  def columns = @project.tasks.size * (@steps + 1)

  # y(task, step) times factor; before the first step nothing has started, after the last all have.
  def started(terms, task, step, factor)
    return if step.negative?

    at = column(task, [step, @steps].min)
    terms[at] = terms.fetch(at, 0) + factor
  end

  def row(terms, upper) = @rows << [terms.reject { |_, factor| factor.zero? }, upper]

  def starts
    @project.tasks.each_index do |task|
      (0...@steps).each { |step| row({column(task, step) => 1, column(task, step + 1) => -1}, 0) }
    end
  end

  def links
    @project.links.each do |link|
      from, to = link.ends.map { |id| @at.fetch(id) }
      (0..@steps).each do |step|
        before = {}
        started(before, to, step, 1)
        started(before, from, step - length(from) - link.least / @unit, -1)
        row(before, 0)
        next unless link.greatest

        after = {}
        started(after, from, step - length(from) - link.greatest / @unit, 1)
        started(after, to, step, -1)
        row(after, 0)
      end
    end
  end

  def room(name)
    (0...@steps).each do |step|
      terms = {}
      @project.tasks.each_with_index do |task, index|
        count = task.uses[name] or next
        started(terms, index, step, count)
        started(terms, index, step - length(index), -count)
      end
      @project.links.each do |link|
        count = link.keeps[name] or next
        from, to = link.ends.map { |id| @at.fetch(id) }
        started(terms, from, step - length(from), count)
        started(terms, to, step, -count)
      end
      minute = @first + step * @unit
      closed = (@project.blocked[name] || []).sum { |from, to, count| (from <= minute && minute < to) ? count : 0 }
      row(terms, [@project.resources[name] - closed, 0].max) unless terms.empty?
    end
  end

  # The span in steps is the last column: no start is before it (ready by), no end after it (start at).
  def spans
    @project.tasks.each_index do |task|
      # A start is the number of steps at which it has not yet come.
      terms = {columns => -1}
      (0...@steps).each { |step| started(terms, task, step, @project.ready_by? ? 1 : -1) }
      @rows << [terms, @project.ready_by? ? 0 : -@steps - length(task)]
    end
  end

  def solve
    rows = @rows.reject { |terms, _| terms.empty? }
    starts = rows.each_with_object([0]) { |(terms, _), sums| sums << sums.last + terms.size }
    lower = @project.tasks.each_index.flat_map { |task| (0..@steps).map { |step| (step >= last(task)) ? 1 : 0 } }
    Highs.mip(sense: :minimize, offset: 0, col_cost: [0] * columns + [1], col_lower: lower + [0], col_upper: [1] * columns + [@steps],
      row_lower: [-INFINITE] * rows.size, row_upper: rows.map(&:last),
      a_format: :rowwise, a_start: starts[0...-1], a_index: rows.flat_map { |terms, _| terms.keys },
      a_value: rows.flat_map { |terms, _| terms.values }, integrality: [1] * columns + [0]).solve
  end

  INFINITE = 1e30

  # The last step at which it can start.
  def last(task) = @steps - length(task)
end
