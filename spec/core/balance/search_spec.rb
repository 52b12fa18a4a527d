# frozen_string_literal: true

RSpec.describe "The search of Balance" do
  # Knapsacks turned over: the least cost of whole things that weigh at least so much.
  def knapsack(costs, weights, wanted, most: 5)
    ElmCup::Balance::Program.new.tap do |program|
      columns = costs.each_with_index.map { |cost, at| program.column("x#{at}", cost: cost, upper: most) }
      columns.each { |column| program.option(column) }
      program.row("weight", columns.zip(weights).to_h, lower: wanted)
    end
  end

  def pace(**options) = ElmCup::Balance::Pace.new(clock: Balancing::CLOCK, seconds: 10.0, **options)

  def brute(costs, weights, wanted, most: 5)
    counts = Array.new(costs.size) { (0..most).to_a }
    counts.first.product(*counts.drop(1)).select { |count| count.zip(weights).sum { |n, w| n * w } >= wanted - 1e-9 }
      .map { |count| count.zip(costs).sum { |n, c| n * c } }.min
  end

  20.times do |seed|
    it "finds the least of all counts, knapsack #{seed}" do
      random = Random.new(seed)
      costs, weights = 2.times.map { Array.new(4) { random.rand(1.0..9.0).round(2) } }
      wanted = random.rand(5.0..60.0)
      search = ElmCup::Balance::Search.new(knapsack(costs, weights, wanted), pace)
      found = search.best(search.first)
      expect(found.cost).to be_within(1e-6).of(brute(costs, weights, wanted))
      expect(found.proved?).to be(true)
    end
  end

  it "knows what cannot be, and what it had no time for" do
    expect(ElmCup::Balance::Search.new(knapsack([1.0], [1.0], 99.0), pace).first).to eq(:impossible)
    expect(ElmCup::Balance::Search.new(knapsack([1.0], [1.0], 3.0), pace(stop: -> { true })).first).to be_nil
  end

  it "keeps what it has where the time is up, and does not call it proved" do
    ticks = 0
    program = knapsack([3.0, 2.0], [2.0, 1.3], 7.1)
    search = ElmCup::Balance::Search.new(program, ElmCup::Balance::Pace.new(clock: -> { ticks }, seconds: 1.0))
    first = search.first
    ticks = 5
    dear = first.with(cost: first.cost + 5, bound: first.cost)
    expect(search.best(dear)).to eq(dear)
    expect(dear.proved?).to be(false)
    expect(dear.above).to be_within(1e-9).of(5 / dear.cost)
    ticks = 0
    expect(search.best(dear).cost).to be_within(1e-6).of(first.cost)
  end

  # Traps of the solver's gem, docs/model.md and the gem's own answers.
  it "takes no number that is none, and answers no zeros for what cannot be" do
    program = ElmCup::Balance::Program.new
    expect { program.column("x", cost: Float::NAN, upper: 1) }.to raise_error(ArgumentError, /not finite/)
    expect { program.column("x", cost: 1, upper: Float::INFINITY) }.to raise_error(ArgumentError, /not finite/)
    x = program.column("x", cost: 1, upper: 1)
    expect { program.row("r", {x => Float::NAN}) }.to raise_error(ArgumentError, /not finite/)
    program.row("r", {x => 1.0}, lower: 2.0)
    expect(ElmCup::Balance::Solver.solve(program, seconds: 1)).to have_attributes(status: :infeasible, found?: false, cost: nil)
    empty = ElmCup::Balance::Program.new
    empty.add_offset(1.5)
    expect(ElmCup::Balance::Solver.solve(empty, seconds: 1)).to have_attributes(status: :optimal, cost: 1.5)
    empty.row("nothing can hold this", {}, lower: 1.0)
    expect(ElmCup::Balance::Solver.solve(empty, seconds: 1).status).to eq(:infeasible)
  end

  it "says the bound it reached, also where it was cut short" do
    random = Random.new(3)
    costs, weights = 2.times.map { Array.new(40) { random.rand(1.0..99.0).round(3) } }
    program = knapsack(costs, weights, 4321.123, most: 9)
    cut = ElmCup::Balance::Solver.solve(program, seconds: 0.005)
    whole = ElmCup::Balance::Solver.solve(program, seconds: 20)
    expect(whole.status).to eq(:optimal)
    expect(cut.bound).to be <= whole.cost + 1e-6 if cut.bound
    expect(cut.cost).to be >= whole.cost - 1e-6 if cut.found?
  end

  # Found by chance: for these two wishes the library's presolve leaves no row, claims an optimum and then finds it wrong.
  it "asks again without presolve where the library refuses its own answer" do
    bowl = formula("1/2 tsp fine salt", "10 soft dates, to paste", "1 1/2 cup maple syrup", "1/4 cup honey", "11 tbsp ground flax",
      "12 tbsp date syrup", process: "processor", shape: {"kind" => "ball", "scoop_ml" => 20})
    question, = settler(bowl, ["kcal<=57.8", "protein>=0.85"], have: %w[almond-flour])
    wishes = ["kcal<=57.8", "protein>=0.840773"].map { |text| ElmCup::Wish.read(text) }
    expect(question.possible?(wishes)).to be(false)
    expect(LinearFile.solve(question.problem(wishes).program).status).to eq("infeasible")
  end
end
