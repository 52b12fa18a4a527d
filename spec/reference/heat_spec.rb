# frozen_string_literal: true

# Heat through bodies against exact solutions and handbook examples.
RSpec.describe "Heat, by exact solutions" do
  conductivity, density, capacity, half_mm = 0.3, 1100.0, 2000.0, 12.5
  diffusivity = conductivity / (density * capacity)

  def constant(conductivity, density, capacity)
    ElmCup::Cold::HeatTable.constant(conductivity: conductivity, density: density, heat_capacity: capacity)
  end

  def body(form, mm, heat, start_c: 20.0)
    ElmCup::Cold::Stack.new(form: form, layers: [ElmCup::Cold::Stack::Layer.new(mm: mm, heat: heat, start_c: start_c)])
  end

  def still(celsius, transfer) = ElmCup::Cold::Air.new(celsius: celsius, top: transfer, bottom: transfer)

  # Seconds until what the block reads of a run has passed a temperature, straight between two steps.
  def passes(run, celsius, seconds)
    before = found = nil
    run.run(seconds) do |time, now|
      read = yield now
      if before && (before.last - celsius) * (read - celsius) <= 0
        found = before.first + (time - before.first) * (before.last - celsius) / (before.last - read)
        next :stop
      end
      before = [time, read]
      nil
    end
    found
  end

  # Source: the first root and its weight as tabulated (Incropera & DeWitt, table 5.1, from memory).
  it "has the series of the textbooks" do
    {"slab" => [0.8603, 1.1191], "cylinder" => [1.2558, 1.2071], "sphere" => [1.5708, 1.2732]}.each do |form, (root, weight)|
      expect(HeatSeries.terms(form, 1.0, 1).first.first(2)).to match([be_within(1e-4).of(root), be_within(1e-4).of(weight)])
    end
  end

  # Source: Carslaw & Jaeger 1959: the series of one stuff in air.
  %w[slab cylinder sphere].product([0.1, 1.0, 10.0]).each do |form, biot|
    it "cools a #{form} at Biot #{biot} as its series says, within .5 %" do
      terms = HeatSeries.terms(form, biot)
      thick = (form == "slab") ? 2 * half_mm : half_mm
      heat = constant(conductivity, density, capacity)
      reads = {1 => ->(now) { now.core_c }, 2 => ->(now) { now.mean_c(0) }}
      [[0.5, 1], [0.2, 1], [0.2, 2]].each do |theta, column|
        exact = HeatSeries.fourier(terms, theta, column: column) * (half_mm / 1000)**2 / diffusivity
        run = ElmCup::Cold::Conduction.new(body(form, thick, heat), still(0.0, biot * conductivity / (half_mm / 1000)))
        expect(passes(run, theta * 20.0, exact * 2, &reads.fetch(column))).to be_within(0.005 * exact).of(exact)
      end
    end
  end

  # Source: an egg as a ball of 5 cm, from 5 to 70 °C in water of 95 °C, h 1200 W/(m2 K), k .627, alpha .151e-6 (a textbook's example, from
  # memory, gives 865 s by one term; the series 862 s).
  it "boils an egg in 862 seconds" do
    egg = constant(0.627, 0.627 / 0.151e-6 / 4180, 4180)
    run = ElmCup::Cold::Conduction.new(body("sphere", 25.0, egg, start_c: 5.0), still(95.0, 1200.0))
    middle = ->(now) { now.core_c }
    expect(passes(run, 70.0, 1800.0, &middle)).to be_within(0.005 * 862).of(862)
  end

  # A stuff that freezes between two temperatures, at even steps.
  def freezing(from_c, to_c, frozen:, thawed:, latent:, step: 0.05)
    count = ((to_c - from_c) / step).round
    low, high = [from_c, to_c].map { |each| each }
    temperatures = (-((30 + from_c.abs) / step).round..((40 + to_c.abs) / step).round).map { |at| at * step }
    held = temperatures.map { |each|
      share = ((each - low) / (high - low)).clamp(0.0, 1.0)
      frozen[:per_k] * [each, high].min + thawed[:per_k] * [each - high, 0].max + latent * share
    }
    raise "no steps" unless count.positive?

    ElmCup::Cold::HeatTable.new(from_c: temperatures.first, step_k: step, enthalpy: held,
      conductivity: temperatures.map { |each| (each < low) ? frozen[:conductivity] : thawed[:conductivity] })
  end

  # Source: Stefan's problem (one phase; Carslaw & Jaeger 11.2): k 2.22, rho 917, cp 2050, L 334 kJ/kg, wall -10 °C, 3600 s: 22.62 mm.
  it "freezes water from a cold wall as far as Stefan says, within 1 %" do
    stuff = freezing(-0.1, 0.0, frozen: {per_k: 917.0 * 2050, conductivity: 2.22}, thawed: {per_k: 917.0 * 2050, conductivity: 2.22},
      latent: 917.0 * 334_000)
    stack = ElmCup::Cold::Stack.new(form: "slab", layers: [ElmCup::Cold::Stack::Layer.new(mm: 40.0, heat: stuff, start_c: 0.0)])
    run = ElmCup::Cold::Conduction.new(stack, ElmCup::Cold::Air.new(celsius: -10.0, top: 1e-9, bottom: 1e6), cells: 160, steps: 400,
      growth: 1.01)
    run.run(3600.0) { nil }
    # Where it is frozen by the heat that left: what is frozen gave up its latent heat, and cooled to half of the wall's.
    lambda = (0.1..0.3).bsearch { |each| each * Math.exp(each**2) * Math.erf(each) >= 2050 * 10 / 334_000.0 / Math.sqrt(Math::PI) }
    front = 2 * lambda * Math.sqrt(2.22 / (917 * 2050) * 3600) * 1000
    exact = 2.22 * 10 / Math.erf(lambda) / Math.sqrt(Math::PI * 2.22 / (917 * 2050)) * 2 * Math.sqrt(3600)
    expect(front).to be_within(0.02).of(22.62)
    expect(run.lost).to be_within(0.01 * exact).of(exact)
  end

  # Source: Plank 1913: slab and ball of 25 mm (thickness, diameter), h 10, k 1.5, rho 1050, L 250 kJ/kg, air -18 °C, freezing at -.5 °C:
  # 19531 s and 6510 s without any heat but that of freezing.
  {"slab" => 19_531.0, "sphere" => 6510.0}.each do |form, plank|
    it "freezes a #{form} in the time of Plank, within 1.5 %" do
      stuff = freezing(-0.55, -0.45, frozen: {per_k: 1050.0 * 200, conductivity: 1.5}, thawed: {per_k: 1050.0 * 200, conductivity: 1.5},
        latent: 1050.0 * 250_000)
      thick = (form == "slab") ? 25.0 : 12.5
      run = ElmCup::Cold::Conduction.new(body(form, thick, stuff, start_c: -0.45), still(-18.0, 10.0), cells: 36, steps: 200, growth: 1.01)
      full = run.held
      # Little else than freezing takes heat out: a tenth of the usual sensible heat, under .5 % of it all.
      frozen = full - 0.998 * 1050 * 250_000 * ((form == "slab") ? 0.025 : 0.0125**3 / 3)
      expect(passes(run, frozen, 1.5 * plank, &:held)).to be_within(0.015 * plank).of(plank)
    end
  end

  # The same heat is there at the end as at the start, less what left.
  it "loses no heat but to the air, within .1 %" do
    layers = [[substance(Chilling::PEANUT), 10.0], [substance({"choc_chips" => 100}, start_c: 40.0), 3.0]]
    stack = ElmCup::Cold::Stack.new(form: "slab", layers: layers.map { |each, mm| each.layer(mm) }, tin_j_m2_k: 3500.0)
    run = ElmCup::Cold::Conduction.new(stack, air("freezer"))
    before = run.held
    run.run(4 * 3600.0) { nil }
    expect(before - run.held).to be_within(0.001 * run.lost).of(run.lost)
  end

  # Source: docs/model.md, Cold: four times as many cells and eleven times as many steps change a time by less than 1 %.
  {"a ball to dip" => [[Chilling::PEANUT, 12.5, 22.0]],
   "a poured layer" => [[{"oats" => 90, "dates" => 150, "almond_butter" => 60}, 10.0, 22.0],
     [{"sunflower_butter" => 256, "cocoa_butter" => 30}, 10.0, 35.0]]}.each do |name, said|
    it "has cells and steps enough for #{name}" do
      layers = said.map { |grams, mm, start_c| [substance(grams, start_c: start_c), mm] }
      form, place, kpa = layers.one? ? ["sphere", "freezer", 20.0] : ["slab", "fridge", 12.0]
      coarse, fine = [ElmCup::Cold::Chill::FINE, [72, 600, 19.0**(1 / 600.0)]].map { |grain|
        minutes(layers, form: form, kpa: kpa, air: air(place), hours: 8, grain: grain)
      }
      expect(coarse).to be_within(0.01 * fine).of(fine)
    end
  end
end
