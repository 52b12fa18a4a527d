# frozen_string_literal: true

RSpec.describe ElmCup::Binding::Verdict do
  def verdict(number:, tack: 0.0, grease: 0.0, inclusions: 0.0)
    described_class.new(double(saturation: double(number: number, tack: tack, grease: grease), inclusion_share: inclusions))
  end

  # Source: docs/model.md, Binding; common practice.
  it "says that hands stick from tack .5 at t 2.5, and always from t 3.6" do
    expect([[2.5, 0.5], [3.0, 0.8], [3.6, 0.0]].map { |number, tack| verdict(number: number, tack: tack).hands_stick? }).to all(be(true))
    expect([[2.5, 0.49], [2.49, 0.9], [3.59, 0.49], [nil, 0.9]].map { |number, tack| verdict(number: number, tack: tack).hands_stick? })
      .to all(be(false))
  end

  it "says that it is greasy from .7 of the binder at t 3" do
    expect(verdict(number: 3.0, grease: 0.7)).to be_greasy
    [[3.0, 0.69], [2.99, 0.9], [nil, 1.0]].each { |number, grease| expect(verdict(number: number, grease: grease)).not_to be_greasy }
  end

  it "says that pieces fall out over two fifths of the volume" do
    expect(verdict(number: 3.0, inclusions: 0.41).pieces_fall_out?).to be(true)
    expect(verdict(number: 3.0, inclusions: 0.40).pieces_fall_out?).to be(false)
  end
end
