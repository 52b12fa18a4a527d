# frozen_string_literal: true

# Exact solutions of the heat equation for a body of one stuff in air, by their series. Source: Carslaw & Jaeger, Conduction of Heat in
# Solids, 2nd ed., chapters 3, 7 and 9 (as every textbook has them). Theta is the temperature over the air's, of what it was at the start.
module HeatSeries
  TERMS = 60
  # Bessel's J of order n: its integral over even steps, which is exact to many digits.
  STEPS = 400

  module_function

  def bessel(order, x)
    (0...STEPS).sum { |at| Math.cos(order * Math::PI * (at + 0.5) / STEPS - x * Math.sin(Math::PI * (at + 0.5) / STEPS)) } / STEPS
  end

  # What the roots make zero.
  def condition(form, root, biot)
    case form
    when "slab" then root * Math.tan(root) - biot
    when "cylinder" then root * bessel(1, root) - biot * bessel(0, root)
    when "sphere" then 1 - root / Math.tan(root) - biot
    end
  end

  # The first so many roots.
  def roots(form, biot, count = TERMS)
    return scanned(form, biot, count) if form == "cylinder"

    wide = (form == "slab") ? Math::PI / 2 : Math::PI
    (0...count).map { |n| halve(form, biot, n * Math::PI + 1e-10, n * Math::PI + wide - 1e-10) }
  end

  def scanned(form, biot, count)
    found = []
    at = 1e-6
    while found.size < count
      here, there = condition(form, at, biot), condition(form, at + 0.05, biot)
      found << halve(form, biot, at, at + 0.05) if here.negative? != there.negative?
      at += 0.05
    end
    found
  end

  def halve(form, biot, low, high)
    rising = condition(form, high, biot) > condition(form, low, biot)
    70.times do
      middle = (low + high) / 2
      (condition(form, middle, biot).positive? == rising) ? high = middle : low = middle
    end
    (low + high) / 2
  end

  # C of a root: its weight in the middle; and what the mean over the volume has of that.
  def weight(form, root)
    case form
    when "slab" then 4 * Math.sin(root) / (2 * root + Math.sin(2 * root))
    when "cylinder" then 2 * bessel(1, root) / (root * (bessel(0, root)**2 + bessel(1, root)**2))
    when "sphere" then 4 * (Math.sin(root) - root * Math.cos(root)) / (2 * root - Math.sin(2 * root))
    end
  end

  def share_of_mean(form, root)
    case form
    when "slab" then Math.sin(root) / root
    when "cylinder" then 2 * bessel(1, root) / root
    when "sphere" then 3 * (Math.sin(root) - root * Math.cos(root)) / root**3
    end
  end

  # [[root, weight in the middle, weight in the mean], …]
  def terms(form, biot, count = (form == "cylinder") ? 12 : TERMS)
    roots(form, biot, count).map { |root| weight(form, root).then { |each| [root, each, each * share_of_mean(form, root)] } }
  end

  # The Fourier number at which the mean over the volume (or the middle) has come to theta.
  def fourier(terms, theta, column: 2)
    low, high = 1e-6, 200.0
    100.times do
      middle = (low + high) / 2
      (terms.sum { |term| term[column] * Math.exp(-term[0]**2 * middle) } > theta) ? low = middle : high = middle
    end
    low
  end
end
