# frozen_string_literal: true

# The same ball by a second program (spec/support/heat_in_r.rb).
RSpec.describe "Heat, by R and deSolve" do
  # Source: R with deSolve (Soetaert, Petzoldt & Setzer 2010), a reference library.
  it "cools a ball of dough through the freezing of its water and the setting of its fat to the same temperatures, within .5 %" do
    dough = substance(Chilling::PEANUT)
    seconds = [300, 600, 1200, 1800, 3600]
    theirs = HeatInR.solve(radius_m: 0.0125, transfer: 9.0, air_c: -18.0, start_c: 22.0, seconds: seconds, heat: dough.table.heat).means
    run = ElmCup::Cold::Conduction.new(ElmCup::Cold::Stack.new(form: "sphere", layers: [dough.layer(12.5)]), air("freezer"))
    ours = []
    before = [0.0, 22.0]
    run.run(4 * 3600.0) do |time, now|
      mean = now.mean_c(0)
      while ours.size < seconds.size && time >= seconds[ours.size]
        ours << before.last + (mean - before.last) * (seconds[ours.size] - before.first) / (time - before.first)
      end
      before = [time, mean]
      (ours.size == 5) ? :stop : nil
    end
    # Of the 40 K that it falls: half a per cent is .2 K.
    expect(ours).to match(theirs.map { |each| be_within(0.2).of(each) })
  end
end
