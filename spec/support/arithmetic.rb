# frozen_string_literal: true

# Puts inputs into a formula of a “why” and reckons it: + - * / ( ) min max ln sqrt, and nothing else.
module Arithmetic
  def self.reckon(formula, inputs)
    expression = formula.gsub(/[a-z_]\w*/i) { |name|
      %w[min max ln sqrt].include?(name) ? "Arithmetic.#{name}" : "(#{Float(inputs.fetch(name))})"
    }
    raise "not plain arithmetic: #{formula}" unless expression.gsub(/Arithmetic\.(?:min|max|ln|sqrt)/, "").match?(/\A[\d\s.+\-*\/(),e]*\z/)

    eval(expression, binding, __FILE__, __LINE__) # rubocop:disable Security/Eval
  end

  def self.min(*values) = values.min

  def self.max(*values) = values.max

  def self.sqrt(value) = Math.sqrt(value)

  def self.ln(value) = Math.log(value)
end
