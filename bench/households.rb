# frozen_string_literal: true

require "tmpdir"

# Databases to measure with: the demo's, and the household of many years (spec/support/scale_set.rb). Made once, in the folder
# that ELM_CUP_HOUSEHOLDS names; else in one of their own that goes with the process.
module Households
  FOLDER = ENV.fetch("ELM_CUP_HOUSEHOLDS") do
    Dir.mktmpdir("elm-cup").tap { |folder| at_exit { FileUtils.remove_entry(folder, true) } }
  end

  # Path of the demo's.
  def self.demo = path("demo", "")

  # Path of the large one.
  def self.many = path("many", "ScaleSet.fill")

  # A process of its own fills it, so that the one that measures has not done so.
  def self.path(name, fill)
    File.join(FOLDER, "#{name}.sqlite3").tap do |path|
      next if File.exist?(path)

      made = system(RbConfig.ruby, "-e", <<~RUBY, path)
        require "#{File.expand_path("../server/environment", __dir__)}"
        require "#{File.expand_path("../server/demo/demo_data", __dir__)}"
        require "#{File.expand_path("../spec/support/scale_set", __dir__)}"
        ElmCupServer::Database.open(ARGV.first)
        ElmCupServer::DemoData.load_once
        #{fill}
        ElmCupServer::Upkeep.work
        ActiveRecord::Base.connection_pool.disconnect!
      RUBY
      made or raise "the household could not be made"
    end
  end
  private_class_method :path
end

# Run by itself, it makes both.
if $PROGRAM_NAME == __FILE__
  Households.demo
  Households.many
end
