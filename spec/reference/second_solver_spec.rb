# frozen_string_literal: true

# The same programmes given to another solver, GLPK's glpsol (Debian: glpk-utils), which shares no code with HiGHS.
RSpec.describe "The least change beside a second solver" do
  models = [*0..4, *7..9, 11, 13].map { |seed| [seed, false] } + (100...104).map { |seed| [seed, true] }
  # The answer after the first takes the solvers longest: of every third model.
  whole = ->(seed) { (seed % 3).zero? ? 2 : 1 }

  models.each do |seed, hard|
    it "finds the same optimum for model #{seed}#{" (hard)" if hard}, and the same of what cannot be" do
      document = BalanceModels.document(seed)
      wishes = BalanceModels.wishes(seed, assess(document), hard: hard)
      question, settler = settler(document, wishes, seconds: 60.0)
      earlier = []
      whole[seed].times do
        answer = settler.answer(earlier: earlier)
        program = (answer&.problem || question.problem(question.wishes)).program(earlier: earlier)
        reference = LinearFile.solve(program)
        if answer.nil?
          expect(reference.status).to eq("infeasible")
          break
        end
        expect(reference.status).to eq("optimal")
        expect(answer.found.proved?).to be(true).or(satisfy { answer.found.cost <= reference.cost * 1.10 + 1e-6 })
        expect(answer.found.cost).to be_within(1e-5).of(reference.cost) if answer.found.proved?
        earlier << answer.builder.touched
      end
    end
  end

  it "has both kinds among them, and hurried answers never claim to be the least when they are not" do
    kinds = models.map do |seed, hard|
      document = BalanceModels.document(seed)
      wishes = BalanceModels.wishes(seed, assess(document), hard: hard)
      question, settler = settler(document, wishes)
      quick = settler.answer(quick: true)
      next "infeasible" unless quick

      least = LinearFile.solve(quick.problem.program).cost
      expect(quick.found.cost).to be >= least - 1e-5
      expect(quick.found.bound).to be <= least + 1e-5
      expect(quick.found.cost).to be_within(1e-5).of(least) if quick.found.proved?
      question ? "feasible" : nil
    end
    expect(kinds.tally["feasible"]).to be >= 11
    expect(kinds.tally["infeasible"]).to be >= 1
  end
end
