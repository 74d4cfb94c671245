# frozen_string_literal: true

# What the browser's console was told: files refused, requests that failed, warnings.
#
#   console = Console.new(page.driver.browser.page)
#   console.told # => []
class Console
  QUIET = %w[log info debug timeEnd].freeze

  attr_reader :told

  def initialize(page)
    @told = []
    page.command("Log.enable")
    page.on("Log.entryAdded") { |said| @told << said["entry"].values_at("level", "text", "url").join(" ") }
    page.on("Runtime.consoleAPICalled") { |said| note(said) }
  end

  private

  def note(said)
    return if QUIET.include?(said["type"])

    @told << "#{said['type']} #{said['args'].map { |part| part['value'] || part['description'] }.join(' ')}"
  end
end
