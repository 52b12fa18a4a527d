# frozen_string_literal: true

module ElmCup
  module Cold
    # One stay in the cold that a formula asks for.
    #   id, component   what it is, and what of the formula is touched      aim  Touch      words  "before you dip them"
    #   start_words     why it comes warm, nil where it does not
    #   freezer, fridge Ready there
    Step = Value.of(:id, :component, :aim, :words, :start_words, :freezer, :fridge) do
      self::HIDDEN = %i[aim].freeze
      self::ALSO = %i[touch touch_test].freeze

      # The Ready of a place by its kind.
      def ready_in(kind) = public_send(kind)

      # The id of its touch; how a cook tells.
      def touch = aim.id

      def touch_test = aim.test
    end
  end
end
