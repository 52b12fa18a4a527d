# frozen_string_literal: true

require_relative "proposal/opened"
require_relative "proposal/per_gram"
require_relative "proposal/restated_line"
require_relative "proposal/helpers"
require_relative "proposal/stand_ins"
require_relative "proposal/situation_reader"
require_relative "proposal/amended"
require_relative "proposal/sums"
require_relative "proposal/part_sums"
require_relative "proposal/reason"
require_relative "proposal/clash_words"
require_relative "proposal/asked"
require_relative "proposal/settler"
require_relative "proposal/written"
require_relative "proposal/balancer"
require_relative "proposal/substitutes"
require_relative "proposal/bowl_family"
require_relative "proposal/cupboard_document"
require_relative "proposal/bowl_document"
require_relative "proposal/bowl_dose"
require_relative "proposal/unknown_bowl"
require_relative "proposal/trial"
require_relative "proposal/bowl_size"
require_relative "proposal/seed_document"
require_relative "proposal/usual_bowl"
require_relative "proposal/larder"
require_relative "proposal/cupboard"
require_relative "proposal/wish_desk"

module ElmCup
  # Other formulas for the one there is: read into what Balance solves, written back as formula documents and judged again.
  module Proposal
    # A typed wish of a formula document, nil where there is none yet, as a Hash: wish, words, now, met, the same of all that is said
    # at once, and all wishes of the formula with it. component: the part that it is said of. InvalidDocument where it means none.
    def self.wish(document, text, component: nil, library: Ingredient::Library.default)
      (document.nil? ? WishDesk.without_bowl(library) : WishDesk.of(document, library)).read(text, component: component)
    end

    # Bowls of what there is as a Hash ("balance/1"). said: a Hash ("cupboard/1"). InvalidDocument at every fault.
    def self.cupboard(said, library: Ingredient::Library.default, **pace) = Cupboard.new(said, library: library, pace: Balance::Pace.new(**pace)).to_h

    # What would bring a bowl right that nobody wrote down, as a Hash ("rescue/1"). said: a Hash ("bowl/1"). InvalidDocument at every fault.
    def self.rescue_bowl(said, library: Ingredient::Library.default) = UnknownBowl.new(said, library: library).to_h

    # One or two pieces of a formula in amounts that can be weighed, dropped and pinched, as a Hash ("trial/1").
    def self.trial(document, pieces: 2, scale: 0.1, library: Ingredient::Library.default)
      Trial.new(document, pieces: pieces, scale: scale, library: library).to_h
    end

    # What can stand in for one ingredient as a Hash ("substitute/1"). InvalidDocument where the line or the reason is none.
    def self.substitute(document, line:, reason:, have: nil, library: Ingredient::Library.default, **pace)
      Substitutes.new(document, line: line, reason: reason, have: have, library: library, pace: Balance::Pace.new(**pace)).to_h
    end

    # Answers of a formula document and wishes as a Hash ("balance/1"). InvalidDocument where it cannot be asked.
    #   wishes   texts; nil takes those of the document           have    ingredient ids that helpers are kept to; nil for all
    #   answers  at most so many       quick  the first that is found, not yet the least for sure       clock, seconds, stop  see Balance::Pace
    def self.balance(document, wishes: nil, have: nil, answers: Balancer::MOST, quick: false, library: Ingredient::Library.default, **pace)
      Balancer.new(document, wishes: wishes, have: have, library: library, pace: Balance::Pace.new(**pace)).to_h(answers, quick: quick)
    end
  end
end
