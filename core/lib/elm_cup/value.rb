# frozen_string_literal: true

module ElmCup
  # Immutable value objects with keyword construction.
  #
  #   Point = Value.of(:x, :y, label: "")
  #   Point.new(x: 1, y: 2).with(y: 3)
  #
  # A missing required member, or an unknown one, raises ArgumentError; two values are equal when their members are.
  module Value
    # Returns a new frozen-instance class with the `required` members and the `optional` ones (name => default).
    # derived: the body has a method `derive`, which is called once before an instance is frozen, to keep what follows from its members.
    def self.of(*required, derived: false, **optional, &body)
      members = required + optional.keys
      parameters = required.map { |name| "#{name}:" } + optional.keys.map { |name| "#{name}: self::DEFAULTS[:#{name}]" }
      Class.new do
        const_set(:DEFAULTS, optional.freeze)
        const_set(:MEMBERS, members.freeze)
        attr_reader(*members)
        # The source is made of the member names given by the programmer, never of data. Members go in by their places: a call with
        # keywords through Class#new would make a Hash each time.
        class_eval <<~RUBY, __FILE__, __LINE__ + 1
          def self.new(#{parameters.join(", ")}) = allocate.__send__(:fill, #{members.join(", ")})

          # A copy with some members replaced.
          def with(#{members.map { |name| "#{name}: @#{name}" }.join(", ")}) = self.class.allocate.__send__(:fill, #{members.join(", ")})

          def ==(other) = equal?(other) || (other.class == self.class && #{members.map { |name| "@#{name} == other.#{name}" }.join(" && ")})

          def hash = [self.class, #{members.map { |name| "@#{name}" }.join(", ")}].hash

          protected def fill(#{members.join(", ")})
            #{members.map { |name| "@#{name} = #{name}" }.join("\n")}
            #{"derive" if derived}
            freeze
          end
        RUBY
        include Instance

        class_eval(&body) if body
      end
    end

    # What every value can do.
    module Instance
      # A hash of the members, by name.
      def to_h = self.class::MEMBERS.to_h { |name| [name, public_send(name)] }

      def eql?(other) = self == other

      # Short: what is plain by its value, the rest by its class, so that an error that names a value stays readable.
      def inspect = "#<#{self.class.name} #{to_h.map { |name, value| "#{name}=#{Instance.shown(value)}" }.join(" ")}>"

      PLAIN = [String, Symbol, Numeric, TrueClass, FalseClass, NilClass].freeze

      def self.shown(value) = (PLAIN.any? { |kind| value.is_a?(kind) }) ? value.inspect : value.class.name.to_s
    end
  end
end
