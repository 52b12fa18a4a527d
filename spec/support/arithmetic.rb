# frozen_string_literal: true

# Puts inputs into a formula of a “why” and reckons it: + - * / ( ) min max ln, and nothing else.
module Arithmetic
  def self.reckon(formula, inputs)
    expression = formula.gsub(/[a-z_]\w*/i) { |name| %w[min max ln].include?(name) ? "Arithmetic.#{name}" : "(#{Float(inputs.fetch(name))})" }
    raise "not plain arithmetic: #{formula}" unless expression.gsub(/Arithmetic\.(?:min|max|ln)/, "").match?(/\A[\d\s.+\-*\/(),e]*\z/)

    eval(expression, binding, __FILE__, __LINE__) # rubocop:disable Security/Eval
  end

  def self.min(*values) = values.min

  def self.max(*values) = values.max

  def self.ln(value) = Math.log(value)
end
