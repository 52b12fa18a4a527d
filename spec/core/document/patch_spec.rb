# frozen_string_literal: true

# Source: RFC 6902, sections 4.1 to 4.3 and appendix A (the examples are numbered there), and RFC 6901 for pointers.
RSpec.describe ElmCup::Document::Patch do
  def apply(document, *operations) = described_class.apply(document, operations)

  it "adds at an index without losing what stands there (A.2)" do
    expect(apply({"foo" => %w[bar baz]}, {"op" => "add", "path" => "/foo/1", "value" => "qux"})).to eq("foo" => %w[bar qux baz])
  end

  it "adds a member, adds to the end, removes and replaces (A.1, A.16, A.3, A.4, A.5)" do
    expect(apply({"foo" => "bar"}, {"op" => "add", "path" => "/baz", "value" => "qux"})).to eq("baz" => "qux", "foo" => "bar")
    expect(apply({"foo" => ["bar"]}, {"op" => "add", "path" => "/foo/-", "value" => %w[abc def]})).to eq("foo" => ["bar", %w[abc def]])
    expect(apply({"baz" => "qux", "foo" => "bar"}, {"op" => "remove", "path" => "/baz"})).to eq("foo" => "bar")
    expect(apply({"foo" => %w[bar qux baz]}, {"op" => "remove", "path" => "/foo/1"})).to eq("foo" => %w[bar baz])
    expect(apply({"baz" => "qux"}, {"op" => "replace", "path" => "/baz", "value" => "boo"})).to eq("baz" => "boo")
  end

  it "reads ~1 and ~0 in a pointer as / and ~ (A.14)" do
    expect(apply({"nut/oat ~ layer" => 9}, {"op" => "replace", "path" => "/nut~1oat ~0 layer", "value" => 10}))
      .to eq("nut/oat ~ layer" => 10)
  end

  it "refuses a place that is not there, in words, and leaves the document as it is (A.12)" do
    document = {"foo" => "bar"}
    expect { apply(document, {"op" => "add", "path" => "/baz/bat", "value" => "qux"}) }
      .to raise_error(ElmCup::InvalidDocument, /does not fit the document/)
    expect { apply(document, {"op" => "remove", "path" => "/none"}) }.to raise_error(ElmCup::InvalidDocument)
    apply(document, {"op" => "add", "path" => "/more", "value" => 1})
    expect(document).to eq("foo" => "bar")
  end
end
