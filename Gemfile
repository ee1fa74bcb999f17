# frozen_string_literal: true

source "https://rubygems.org"

gem "argon2", "~> 2.3"
gem "csv", "~> 3.3"
gem "icalendar", "~> 2.10"
gem "json", "~> 2.9" # openapi_first 1.4 parses by way of multi_json, which does not know json 3
gem "json_schemer", "~> 2.3"
gem "mail", "~> 2.8"
gem "openapi_first", "~> 1.4.3" # the newest that runs on Ruby 3.1: 2.0 wants 3.2
gem "prawn", "~> 2.5"
gem "prawn-table", "~> 0.2"
gem "puma", "~> 6.4"
gem "rack-attack", "~> 6.7"
gem "rack-protection", "~> 4.0"
gem "roda", "~> 3.80"
gem "rodauth", "~> 2.36"
gem "rotp", "~> 6.3"
gem "rqrcode", "~> 3.0"
gem "rqrcode_core", "~> 2.0"
gem "rubyzip", "~> 3.0", require: "zip"
gem "sequel", "~> 5.80"
gem "sinatra", "~> 4.0"
gem "sqlite3", "~> 2.0"
gem "webauthn", "~> 3.4"
gem "zeitwerk", "~> 2.6"

# Wanted by others, and taken as Debian's Ruby 3.1 brings them: compiled anew they are a third of
# what a first start waits for.
gem "bigdecimal", "3.1.1"
gem "date", "3.2.2"
gem "openssl", "3.0.1"

# What bin/dev needs to see that a file has changed.
group :development do
  gem "listen", "~> 3.9"
end

# What bin/test and bin/screenshots need besides: bin/demo does without.
group :test do
  gem "capybara", "~> 3.40"
  gem "cuprite", "~> 0.15"
  gem "pdf-reader", "~> 2.12"
  gem "rack-test", "~> 2.1"
  gem "rspec", "~> 3.13"
  gem "rubocop", "~> 1.60", require: false
  gem "ruby-units", "~> 4.0"
  gem "test-queue", "~> 0.12", require: false
end
