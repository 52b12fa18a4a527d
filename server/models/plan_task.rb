# frozen_string_literal: true

module ElmCupServer
  # A task of a plan, at its times in UTC.
  class PlanTask < Record
    belongs_to :plan, class_name: "ElmCupServer::Plan", inverse_of: :tasks
    belongs_to :formula, class_name: "ElmCupServer::Formula", optional: true
  end
end
