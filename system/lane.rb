# frozen_string_literal: true

require "minitest/autorun"

# One of the lanes in which journeys go side by side. Each takes the next file from a list they share, so that none is
# idle while another has work left; starting one takes as long as a journey or two.
#
#   JOURNEYS=…/list-of-files ruby system/lane.rb
class Lane < Minitest::Runnable
  class << self
    def runnable_methods
      []
    end

    def run(reporter, options = {})
      while (file = taken)
        known = runnables.dup
        require File.expand_path(file)
        (runnables - known).each { |journeys| journeys.run(reporter, options) }
      end
    end

    private

    def taken
      File.open(ENV.fetch("JOURNEYS"), "r+") do |list|
        list.flock(File::LOCK_EX)
        first, *others = list.readlines(chomp: true)
        list.rewind
        list.truncate(0)
        list.puts(others)
        first
      end
    end
  end
end
