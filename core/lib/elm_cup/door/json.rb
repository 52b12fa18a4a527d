# frozen_string_literal: true

module ElmCup
  # How the core's values leave by its doors, as Hashes ready for JSON. Nothing is reckoned here, and nothing below reads what is made here.
  module Door
    # Any value as JSON has it: values by their members, figures by their digits, what is nil left out.
    module Json
      NONE = {}.freeze
      # A kind of value => [member, its key, digits of its figures] of each.
      KINDS = {}.compare_by_identity

      module_function

      # digits: places that figures are rounded to, nil for all.
      def of(value, digits = nil)
        case value
        when Float, Rational then round(value, digits)
        when Hash then hash(value, digits)
        when Array then value.map { |each| of(each, digits) }
        when Symbol then value.to_s
        when Value::Instance then members(value)
        else value
        end
      end

      # A number to `digits` places; nil stays nil.
      def round(value, digits = 1) = digits ? value&.to_f&.round(digits) : value&.to_f

      # Every number of a hash, keys as strings.
      def round_all(figures, digits) = figures.to_h { |key, value| [key.to_s, round(value, digits)] }

      # Six significant digits, enough to recompute a sum from.
      def significant(value)
        number = value.to_f
        number.zero? ? number : number.round(6 - Math.log10(number.abs).ceil)
      end

      def hash(value, digits) = value.to_h { |key, each| [key.to_s, of(each, digits)] }

      # A Value by its members; its DIGITS say what their figures carry, HIDDEN which are the core's own, ALSO what is told beside them.
      def members(value)
        said = {}
        (KINDS[value.class] ||= kept(value.class)).each do |name, key, digits|
          member = value.public_send(name)
          said[key] = member.is_a?(String) ? member : of(member, digits) unless member.nil?
        end
        said
      end

      def kept(kind)
        digits = constant_of(kind, :DIGITS, NONE)
        said_of(kind).map { |name| [name, name.name, digits[name]] }
      end

      def said_of(kind) = kind::MEMBERS - constant_of(kind, :HIDDEN, []) + constant_of(kind, :ALSO, [])

      def constant_of(kind, name, without) = kind.const_defined?(name) ? kind.const_get(name) : without
      private_class_method :hash, :members, :kept, :said_of, :constant_of
    end
  end
end
