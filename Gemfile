# frozen_string_literal: true

source "https://rubygems.org"

# Core: the computation.
gem "hana", "~> 1.3"
gem "highs", "~> 0.2.6"
gem "htmlentities", "~> 4.4"
gem "icalendar", "~> 2.10"
gem "json", "~> 2.10"
gem "json_schemer", "~> 2.5.0"
gem "nokogiri", "~> 1.15"
gem "prawn", "~> 2.5"
gem "tzinfo", "~> 2.0"
gem "tzinfo-data", "~> 1.2025"
gem "zeitwerk", "~> 2.6.18"

# Server: API and storage.
gem "activerecord", "~> 7.2.3"
gem "committee", "~> 5.6"
gem "puma", "~> 8.0"
gem "rack", "~> 3.2"
gem "sinatra", "~> 4.2"
gem "sqlite3", "~> 2.8.0"

group :development, :test do
  gem "brakeman", "~> 7.1", require: false
  gem "capybara", "~> 3.40"
  gem "cuprite", "~> 0.17"
  gem "parallel_tests", "~> 4.10"
  gem "rack-test", "~> 2.2"
  gem "ri_cal", "~> 0.8.8", require: false
  gem "rspec", "~> 3.13"
  gem "standard", "~> 1.50", require: false
end
