# frozen_string_literal: true

# Plans against a worked example to the minute, against optima proved by a mixed-integer programme (HiGHS), and against a validator
# that knows nothing of how they were found.
RSpec.describe "Plans" do
  checks = JSON.parse(File.read(File.join(__dir__, "tables/plan_checks.json")))
  worked = checks.fetch("worked")

  def project(said, **changes) = ElmCup::Plan::Project.of(said).with(**changes)

  def best(project, **limits) = ElmCup::Plan::Search.new(project, **limits).best

  def spans(said, **changes) = best(project(said, **changes)).figures.span

  # Source of the example and its figures: docs/model.md, Plan; proved least and unique there.
  describe "the worked example" do
    said = worked.fetch("project")
    resources = said.fetch("resources")

    it "is planned to the minute" do
      found = best(project(said))
      expect(project(said).tasks.map(&:id).zip(found.starts).to_h).to eq(worked["starts"])
      expect(found.figures.rank).to eq(worked["criteria"].values)
      expect(PlanValidator.faults(project(said), found.starts)).to eq([])
    end

    it "is as short as with one limit less" do
      one_away = {"hands" => [[930, 980, 1]]}
      found = {
        "freezer 2" => spans(said, resources: resources.merge("freezer" => 2)),
        "never away" => spans(said, blocked: {}),
        "freezer 2 and never away" => spans(said, resources: resources.merge("freezer" => 2), blocked: {}),
        "processor 2" => spans(said, resources: resources.merge("processor" => 2)),
        "melt 2" => spans(said, resources: resources.merge("melt" => 2)),
        "hands 2, one of them away" => spans(said, resources: resources.merge("hands" => 2), blocked: one_away)
      }
      expect(found).to eq(worked["relaxed_spans"])
    end

    worked.fetch("pins").each do |pin|
      it "with #{pin["task"]} pinned to #{pin["at"]} #{pin["span"] ? "spans #{pin["span"]} minutes" : "has no plan"}" do
        tasks = project(said).tasks.map { |task| (task.id == pin["task"]) ? task.with(pin: pin["at"]) : task }
        expect(best(project(said, tasks: tasks))&.figures&.span).to eq(pin["span"])
      end
    end

    it "begun at three is ready at ten past seven, and with the early ends of all waits a quick cook is sooner" do
      late = best(project(said, mode: "start_at", at: 900))
      at_three = worked["start_at_15_00"]
      expect([late.figures.span, late.starts.min]).to eq(at_three.values_at("span", "first_start"))
      early = project(said).links.map { |link| link.with(least: worked["early_ends"]["least"].fetch(link.ends.join(">"), link.least)) }
      expect(best(project(said, links: early)).starts.min).to eq(worked["early_ends"]["latest_start"])
      expect(873 + best(project(said, links: early, mode: "start_at", at: 873)).figures.span).to eq(worked["early_ends"]["ready_from_873"])
    end

    it "hangs on the slab and the slot, and says what more room would give" do
      plan = project(said)
      found = best(plan)
      room = ElmCup::Plan::Room.new(plan, found.starts)
      reaches = plan.tasks.each_index.map { |task| room.later(task) }
      expect(ElmCup::Plan::Chain.new(plan, found.starts, reaches).ids).to eq(%w[B1 B2 B3 B4 A3 A4 Ar])
      expect(plan.tasks.map(&:id).zip(reaches.map(&:minutes)).to_h)
        .to eq("A1" => 13, "A2" => 1, "A3" => 0, "Am" => 10, "A4" => 0, "Ar" => 0, "B1" => 0, "B2" => 0, "Bm" => 10, "B3" => 0, "B4" => 0,
          "Br" => 46)
      gains = ElmCup::Plan::Relaxation.new(plan, found.figures).gains.to_h { |gain| [gain.limit, gain.start] }
      expect(gains).to include("freezer" => 14 * 60 + 40, "away" => 14 * 60 + 33, "freezer+away" => 15 * 60 + 16)
    end
  end

  # Source: optima and bounds of docs/model.md, Plan, and here HiGHS over steps of five minutes.
  checks.fetch("small").each do |small|
    it "finds the proved optimum of #{small["name"]}, and its bound" do
      found = best(project(small["project"]))
      expect([found.figures.span, found.bound]).to eq(small.values_at("optimal_span", "bound_without_search"))
      expect(PlanProgramme.least_span(project(small["project"]), span: found.figures.span, unit: 5)).to eq(small["optimal_span"])
      known = project(small["project"]).tasks.map { |task| small["one_optimal_plan"].fetch(task.id) }
      expect(PlanValidator.faults(project(small["project"]), known)).to eq([])
    end
  end

  it "is within 5 % of the optimum of HiGHS on 30 small made-up days" do
    ratios = (1..30).map do |seed|
      day = PlanGenerator.project(seed, count: 8..12, unit: 5)
      found = best(day)
      expect(PlanValidator.faults(day, found.starts)).to eq([])
      span = found.figures.span
      span.fdiv((span == found.bound) ? span : PlanProgramme.least_span(day, span: span, unit: 5))
    end
    expect(ratios).to all(be_between(1.0, 1.05))
  end

  # A bound that was too high would pass for a proof.
  it "has no bound above the optimum" do
    (31..40).each do |seed|
      day = PlanGenerator.project(seed, count: 8..12, unit: 5)
      found = best(day, placements: 500)
      expect(found.bound).to be <= PlanProgramme.least_span(day, span: found.figures.span, unit: 5)
    end
  end

  it "breaks nothing in 300 made-up days of 8 to 40 tasks, by a validator of its own: in the first plan there is, and in every third improved" do
    broken = (1..300).flat_map do |seed|
      few = 8 + seed % 33
      day = PlanGenerator.project(seed, count: few..[few + 2, 40].min)
      plans = [ElmCup::Plan::Search.new(day).first]
      plans << best(day, placements: 300)&.starts if (seed % 3).zero?
      plans.flat_map { |starts| starts ? PlanValidator.faults(day, starts) : ["no plan for #{seed}"] }
    end
    expect(broken).to eq([])
  end

  it "is told by a validator that sees what is wrong" do
    day = project(worked["project"])
    good = best(day).starts
    names = day.tasks.map(&:id)
    moved = ->(id, minutes) { good.each_with_index.map { |start, at| (names[at] == id) ? start + minutes : start } }
    expect(PlanValidator.faults(day,
      moved.call("B4", 1))).to include(match(/B4 to Br: 14 of at least 15/), match(/freezer at 1013: 2 of 1/))
    expect(PlanValidator.faults(day, moved.call("Am", -1))).to include("Am to A4: 11 of at most 10")
    expect(PlanValidator.faults(day, moved.call("A2", -40))).to include(match(/hands at 9[34]0: 1 of 0/))
    expect(PlanValidator.faults(day, moved.call("Ar", 1))).to include("Ar is over at 1081")
  end

  # Source: the three cases that have no plan, docs/model.md, Plan.
  describe "what cannot be" do
    no_plan = checks.fetch("infeasible").to_h { |each| [each["name"], each["project"]] }

    it "is told by what clashes, each with its nearest value" do
      melt, trip = no_plan.fetch_values("melt has no moment", "window falls in the absence").map { |said| ElmCup::Plan::Clash.of(project(said)) }
      expect(melt.map { |demand| [demand.kind, demand.what, demand.nearest] }).to eq([[:window, %w[K L], 5], [:window, %w[M L], 10]])
      expect(trip.map { |demand| [demand.kind, demand.what, demand.nearest] })
        .to eq([[:pin, "P", 610], [:away, [620, 660], 30], [:window, %w[P Q], 50]])
      unpinned = project(no_plan.fetch("window falls in the absence")).then { |day|
        day.with(tasks: day.tasks.map { |task|
          task.with(pin: nil)
        })
      }
      expect(best(unpinned).figures.span).to eq(70)
    end

    it "is proved where more is needed than there is" do
      proof = ElmCup::Plan::Contradiction.of(project(no_plan.fetch("tray too big")))
      expect([proof.code, proof.facts]).to eq([:never_room, {task: "P", to: "Q", resource: "freezer", needs: 2, has: 1}])
    end
  end
end
