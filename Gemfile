# frozen_string_literal: true

source "https://rubygems.org"

# Web
gem "puma", "~> 8.0"
gem "rack", "~> 3.2"
gem "rack-attack", "~> 6.8"
gem "rack-session", "~> 2.1"
gem "rackup", "~> 2.3"
gem "sinatra", "~> 4.2"

# Contract
gem "json", "~> 2.15" # says at which line a text stops being JSON
gem "openapi_first", "~> 1.4"

# Documents
gem "erubi", "~> 1.13" # pages that a client reads; what is put into them is escaped
gem "icalendar", "~> 2.12"
gem "matrix", "~> 0.4" # prawn needs it and Ruby no longer brings it
gem "nokogiri", "~> 1.18.10" # the newest for this Ruby
gem "prawn", "~> 2.5"
gem "rqrcode_core", "~> 1.2" # codes on labels
gem "rubyzip", "~> 3.7"
gem "simple_xlsx_reader", "~> 5.0"
gem "tzinfo", "~> 2.0"
gem "tzinfo-data", "~> 1.2026" # a machine may have no zones of its own
gem "xlsxtream", "~> 3.1"

# Photographs
gem "aws-sdk-s3", "~> 1.239", require: false # where photographs lie in an object store
gem "marcel", "~> 1.1"
gem "ruby-vips", "~> 2.3"
gem "shrine", "~> 3.6"

# Database and accounts
gem "bcrypt", "~> 3.1"
gem "pg", "~> 1.5.9" # built here, with the same library of the machine as sequel_pg; later ones bring their own
gem "rodauth", "~> 2.49"
gem "sequel", "~> 5.110"
gem "sequel_pg", "~> 1.20", require: "sequel" # reads rows in C

# Loading, logging, measuring
gem "prometheus-client", "~> 4.2"
gem "semantic_logger", "~> 4.17"
gem "zeitwerk", "~> 2.6.18"

group :development, :test do
  gem "capybara", "~> 3.40"
  gem "cuprite", "~> 0.17"
  gem "minitest", "~> 5.27"
  gem "prop_check", "~> 1.0"
  gem "rack-test", "~> 2.2"
  gem "rubocop", "~> 1.80", require: false
  gem "rubocop-minitest", "~> 0.38", require: false
  gem "rubocop-sequel", "~> 0.4", require: false
end
