# frozen_string_literal: true

require "base64"

module ElmCupServer
  # One page of a list: its rows in an order, and the cursor that the next begins at. A cursor names the last row by what the list is
  # sorted by, so that what is written meanwhile moves nothing.
  class Page
    # Rows of about three screens.
    USUAL = 25
    MOST = 100
    # The largest id that SQLite gives.
    MOST_ID = 2**63 - 1

    # No cursor that a page was ended with.
    class Lost < StandardError
      def message = "This place in the list is not known; ask for its first page"
    end

    # The rows of it, and the cursor of the next page, nil for none.
    attr_reader :rows, :cursor

    # scope: relation of a Listed class; id: its column that tells rows apart; order: "name", or "-name" for falling, of the class's ORDERS;
    # cursor: where it begins, nil for the first page. Lost.
    def initialize(scope, id:, order:, limit: nil, cursor: nil)
      @falling = order.start_with?("-")
      @by = scope.klass::ORDERS.fetch(order.delete_prefix("-"))
      @id = scope.klass.arel_table[id]
      @order = order
      found = take(scope, (limit || USUAL).clamp(1, MOST), cursor && placed(cursor))
      @rows = found.rows
      @cursor = (written(@rows.last) if found.more)
    end

    Found = Struct.new(:rows, :more)
    private_constant :Found

    private

    def take(scope, limit, place)
      scope = scope.where(beyond(*place)) if place
      orders = [Arel.sql(@by), @id].map { |column| @falling ? column.desc : column.asc }
      rows = scope.select(scope.klass.arel_table[Arel.star], Arel.sql(@by).as("sorted_by")).order(*orders).limit(limit + 1).to_a
      Found.new(rows.first(limit), rows.size > limit)
    end

    # What stands behind a place; said so that an index of the order is gone along from there.
    def beyond(value, id)
      by = Arel.sql(@by)
      return by.lteq(value).and(by.lt(value).or(@id.lt(id))) if @falling

      by.gteq(value).and(by.gt(value).or(@id.gt(id)))
    end

    def written(row)
      Base64.urlsafe_encode64(JSON.generate([@order, row.read_attribute("sorted_by"), row.read_attribute(@id.name)]), padding: false)
    end

    # A list can be sorted by it: a number, or text.
    def sortable?(value)
      value.is_a?(Numeric) || (value.is_a?(String) && value.valid_encoding? && !value.match?(ElmCup::Document::WholeCharacters::CONTROL))
    end

    # [what it is sorted by, id] of a cursor of this order.
    def placed(cursor)
      order, value, id = JSON.parse(Base64.urlsafe_decode64(cursor))
      raise Lost unless order == @order && id.is_a?(Integer) && id.between?(1, MOST_ID) && sortable?(value)

      [value, id]
    rescue ArgumentError, JSON::ParserError
      raise Lost
    end
  end
end
