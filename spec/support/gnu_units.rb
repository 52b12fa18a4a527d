# frozen_string_literal: true

require "open3"

# GNU units, a reference that is not ours: https://www.gnu.org/software/units (its definitions file names its sources).
module GnuUnits
  # Float of `from` in `to`; RuntimeError with what units said when it cannot.
  def self.convert(from, to)
    output, status = Open3.capture2e("units", "-t", "-o", "%.10g", from, to)
    raise output unless status.success?

    Float(output.strip)
  end

  # Why the reference cannot be asked here, or nil.
  def self.missing
    @missing ||= system("units", "--version", out: File::NULL, err: File::NULL) ? :no : "GNU units is not installable here"

    (@missing == :no) ? nil : @missing
  end
end
