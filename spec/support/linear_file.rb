# frozen_string_literal: true

require "open3"
require "tempfile"

# A Balance::Program for GLPK's solver, in the CPLEX LP format, and its answer read back.
module LinearFile
  # status "optimal" or "infeasible"; cost, the constant included; seconds of the whole process.
  Answer = Struct.new(:status, :cost, :seconds)

  def self.text(program)
    names = program.columns.each_index.map { |at| "x#{at}" }
    rows = program.rows.each_with_index.flat_map { |row, at| row(row, at, names) }
    bounds = program.columns.each_with_index.map { |column, at| " #{number(column.lower)} <= #{names[at]} <= #{number(column.upper)}" }
    integers = program.columns.each_index.select { |at| program.columns[at].integer }.map { |at| names[at] }
    objective = sum(program.columns.each_with_index.to_h { |column, at| [at, column.cost] }, names)
    ["Minimize", " cost: #{objective}", "Subject To", *rows, "Bounds", *bounds, "General", *integers.map { |name| " #{name}" }, "End", ""]
      .join("\n")
  end

  # Solved by glpsol, no gap let stand.
  def self.solve(program, seconds: 60)
    return Answer.new("infeasible", nil, 0.0) if program.impossible?

    Tempfile.create(["model", ".lp"]) do |file|
      file.write(text(program))
      file.close
      run(program, file.path, seconds)
    end
  end

  def self.run(program, path, seconds)
    began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    output, status = Open3.capture2("glpsol", "--lp", path, "--tmlim", seconds.to_s, "-o", "/dev/stdout")
    spent = Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
    raise "glpsol failed: #{output}" unless status.success?

    return Answer.new("infeasible", nil, spent) if output.match?(/NO (?:PRIMAL|INTEGER) FEASIBLE SOLUTION|PROBLEM HAS NO FEASIBLE|INTEGER EMPTY|INTEGER UNDEFINED/) && !output.include?("INTEGER OPTIMAL")
    raise "glpsol gave no optimum: #{output[0, 2000]}" unless output.match?(/Status:\s+INTEGER OPTIMAL/)

    Answer.new("optimal", output[/Objective:\s+cost = ([-\d.e+]+)/, 1].to_f + program.offset, spent)
  end

  def self.row(row, at, names)
    return [] if row.coefficients.empty?

    [[">=", row.lower], ["<=", row.upper]].select { |_, bound| bound.finite? }.each_with_index.map do |(sign, bound), side|
      " r#{at}_#{side}: #{sum(row.coefficients, names)} #{sign} #{number(bound)}"
    end
  end

  # Terms a few on a line: the format has an end to a line.
  def self.sum(coefficients, names)
    terms = coefficients.map { |at, value| "#{value.negative? ? "-" : "+"} #{number(value.abs)} #{names[at]}" }
    terms.empty? ? "0 x0" : terms.each_slice(6).map { |some| some.join(" ") }.join("\n   ")
  end

  def self.number(value) = format("%.15g", value)
  private_class_method :run, :row, :sum, :number
end
