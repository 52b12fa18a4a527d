# frozen_string_literal: true

# The scheduler where nobody published what comes out.
RSpec.describe ElmCup::Plan::Planner do
  def day(seed, **more) = PlanGenerator.project(seed, count: 8..12, unit: 5).with(**more)

  def best(project, **limits) = ElmCup::Plan::Search.new(project, **limits).best

  def task(id, minutes, uses = {"hands" => 1}, **more) = ElmCup::Plan::Task.new(id: id, minutes: minutes, uses: uses, **more)

  def link(from, to, least = 0, greatest = nil, keeps = {})
    ElmCup::Plan::Link.new(from: from, to: to, least: least, greatest: greatest, keeps: keeps)
  end

  def project(tasks, links, **more)
    ElmCup::Plan::Project.new(mode: "start_at", at: 0, tasks: tasks, links: links, resources: {"hands" => 1, "freezer" => 1}, **more)
  end

  it "gives the same plan for the same seed, whatever else was planned" do
    expect(Array.new(2) { best(day(7), placements: 2_000).starts }.uniq.size).to eq(1)
    expect(best(day(7, seed: 2), placements: 2_000).figures.span).to be >= best(day(7)).figures.span
  end

  it "never starts later for an earlier deadline" do
    (1..40).select { |seed| day(seed).ready_by? }.first(6).each do |seed|
      starts = [0, 25, 60, 115].map { |minutes| best(day(seed, at: PlanGenerator::AT - minutes)).starts.min }
      expect(starts).to eq(starts.sort.reverse)
    end
  end

  it "keeps a task where it is pinned, and moves the others around it" do
    (1..8).each do |seed|
      free = day(seed)
      starts = best(free, placements: 1_000).starts
      at = starts.each_index.to_a[seed % starts.size]
      pinned = free.with(tasks: free.tasks.each_with_index.map { |each, index| (index == at) ? each.with(pin: starts[at]) : each })
      found = best(pinned, placements: 1_000)
      expect(found.starts[at]).to eq(starts[at])
      expect(PlanValidator.faults(pinned, found.starts)).to eq([])
    end
  end

  it "tells how far a task can move, and not a minute more" do
    (1..6).each do |seed|
      project = day(seed)
      starts = best(project, placements: 1_000).starts
      room = ElmCup::Plan::Room.new(project, starts)
      starts.each_index do |at|
        {-1 => room.earlier(at), 1 => room.later(at)}.each do |way, reach|
          moved = ->(minutes) { PlanValidator.faults(project, starts.dup.tap { |all| all[at] += way * minutes }) }
          expect(moved.call(reach.minutes)).to eq([])
          longer = reach.limits.all? { |limit| %w[start end].include?(limit.by) }
          expect(moved.call(reach.minutes + 1)).not_to eq([]) unless longer
        end
      end
    end
  end

  it "begins now where it is too late to be ready, and says how late it will be" do
    tasks = [task("a", 30), task("b", 30)]
    found = described_class.call(project(tasks, [link("a", "b", 60)], mode: "ready_by", at: 100, now: 40))
    expect([found.status, found.starts, found.late]).to eq([:late, [40, 130], 60])
    expect(described_class.call(project(tasks, [link("a", "b", 60)], mode: "ready_by", at: 200, now: 40)).status).to eq(:fits)
  end

  it "goes on from what was done, whatever came of it" do
    links = [link("roll", "dip", 30, 60, "freezer" => 1), link("melt", "dip", 0, 10)]
    done = task("roll", 12, {}, pin: 5, past: true)
    found = described_class.call(project([done, task("melt", 5), task("dip", 10)], links, now: 30))
    expect(found.starts).to eq([5, 42, 47])
    expect(found.figures.hands_minutes).to eq(15)
  end

  it "names the circle of steps that wait for each other" do
    links = [link("x", "a"), link("a", "b"), link("b", "c"), link("c", "a")]
    found = described_class.call(project([task("x", 5), task("a", 5), task("b", 5), task("c", 5)], links))
    expect([found.status, found.contradiction.code]).to eq([:none, :circle])
    expect(found.contradiction.facts[:tasks].uniq).to match_array(%w[a b c])
  end

  it "names waits that leave no time for each other" do
    links = [link("a", "b", 30), link("b", "c", 30), link("a", "c", 0, 20)]
    found = described_class.call(project([task("a", 5), task("b", 5), task("c", 5)], links)).contradiction
    expect([found.code, found.facts[:tasks].sort]).to eq([:never_together, %w[a b c]])
  end

  it "has no plan for a task that is longer than any stretch at home" do
    away = (-10..10).map { |each| [each * 30, each * 30 + 20, 1] }
    short = described_class.call(project([task("a", 10)], [], blocked: {"hands" => away}), horizon: [-200, 200])
    long = described_class.call(project([task("a", 11)], [], blocked: {"hands" => away}), horizon: [-200, 200])
    expect([short.status, long.contradiction.code, long.contradiction.facts]).to eq([:fits, :too_long, {task: "a", minutes: 11}])
  end

  it "lets two waits share a place that has room for both, and no more" do
    links = [link("a", "c", 30, nil, "freezer" => 1), link("b", "c", 30, nil, "freezer" => 1)]
    tasks = [task("a", 5), task("b", 5), task("c", 5)]
    roomy = project(tasks, links, resources: {"hands" => 1, "freezer" => 2})
    expect(PlanValidator.faults(roomy, best(roomy).starts)).to eq([])
    expect(best(project(tasks, links))).to be_nil
  end

  it "has nothing to say of no task at all, and takes one that nothing keeps" do
    expect(best(project([task("a", 0, {})], [])).starts).to eq([0])
  end
end
