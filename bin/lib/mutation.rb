# frozen_string_literal: true

require "bundler/setup"
require "fileutils"
require "open3"
require "sequel"
require "tmpdir"
require "yaml"

# One change at a time in a copy of the code, and whether the tests that should notice it fail.
class Mutation
  ROOT = File.expand_path("../..", __dir__)
  CHANGES = YAML.load_file(File.join(__dir__, "changes.yml"), symbolize_names: true)
  REPORT = File.join(ROOT, "docs", "noticed.md")
  RUN = "ARGV.each { |file| require File.expand_path(file) }"

  Result = Struct.new(:change, :noticed)

  # @param server [String] address of a PostgreSQL, without a database name
  def initialize(server)
    @server = server
  end

  # @param words [Array<String>] only changes that say one of these; all without
  # @return [Array<Result>]
  def results(words = [])
    chosen = CHANGES.select { |change| words.empty? || words.any? { |word| change[:says].include?(word) } }
    in_copy do |copy|
      chosen.map do |change|
        Result.new(change, noticed?(copy, change)).tap do |result|
          puts format("%-8<how>s %<says>s", how: result.noticed ? "noticed" : "MISSED", says: change[:says])
        end
      end
    end
  end

  private

  def in_copy
    Dir.mktmpdir do |copy|
      files, = Open3.capture2("git", "ls-files", "-z", "--cached", "--others", "--exclude-standard", chdir: ROOT)
      files.split("\0").each do |file|
        next if file.start_with?("web/", "docs/screenshots") || !File.exist?(File.join(ROOT, file))

        FileUtils.mkdir_p(File.join(copy, File.dirname(file)))
        FileUtils.cp(File.join(ROOT, file), File.join(copy, file))
      end
      %w[web/src/api].each do |folder|
        FileUtils.mkdir_p(File.join(copy, folder)) &&
          FileUtils.cp_r(File.join(ROOT, folder, "."), File.join(copy, folder))
      end
      yield copy
    end
  end

  def noticed?(copy, change)
    path = File.join(copy, change[:file])
    code = File.read(path)
    unless code.scan(change[:from]).size == 1
      raise "#{change[:says]}: #{change[:from].inspect} is not once in #{change[:file]}"
    end

    File.write(path, code.sub(change[:from]) { change[:to] })
    tests = change[:tests].flat_map do |test|
      test.end_with?(".rb") ? test : Dir[File.join(copy, test, "**", "*_test.rb")]
    end
    !passes?(copy, tests)
  ensure
    File.write(path, code)
  end

  def passes?(copy, tests)
    database do |url|
      told, status = Open3.capture2e({ "DATABASE_URL" => url, "BASE" => @server, "SERVER_URL" => "#{@server}/postgres",
                                       "REQUESTS_TRIED" => "50" },
                                     "bundle", "exec", "ruby", "-I.", "-e", RUN, *tests, chdir: copy)
      raise "No test ran:\n#{told}" unless told.match?(/^[1-9]\d* runs/)

      status.success?
    end
  end

  def database
    name = "deck_bough_mutation_#{Process.pid}"
    Sequel.connect("#{@server}/postgres") do |server|
      server.run("create database #{name}")
      yield "#{@server}/#{name}"
    ensure
      server.run("drop database if exists #{name} with (force)")
    end
  end
end

results = Mutation.new(ENV.fetch("SERVER_BASE")).results(ARGV)
noticed = results.count(&:noticed)
told = "#{noticed} of #{results.size} changes noticed, #{(100.0 * noticed / results.size).round} %."
puts told
exit(noticed == results.size) unless ARGV.empty?

rows = results.map do |result|
  "| #{result.change[:says]} | `#{result.change[:file]}` | #{result.noticed ? 'yes' : '**no**'} |"
end
File.write(Mutation::REPORT, <<~TEXT)
  # What tests notice

  Each line is a rule of the house that was broken by a single change, and whether the tests that should notice it
  failed. Written by `bin/mutate` from `bin/lib/changes.yml`.

  #{told}

  | that | broken in | noticed |
  | --- | --- | --- |
  #{rows.join("\n")}
TEXT
