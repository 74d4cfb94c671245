# frozen_string_literal: true

require "minitest/autorun"
require "open3"
require "rbconfig"
require "tmpdir"

# Lanes beside one another: every file is taken by one of them, and what fails in one is told.
class LaneTest < Minitest::Test
  def files(folder, bodies)
    bodies.map.with_index do |body, number|
      File.join(folder, "journey_#{number}.rb").tap do |file|
        File.write(file, "class Journey#{number} < Minitest::Test\n  def test_it = #{body}\nend\n")
      end
    end
  end

  # @return [Array] what each of two lanes said, whether both ended well, what is left on the list
  def lanes(*bodies)
    Dir.mktmpdir do |folder|
      list = File.join(folder, "list")
      File.write(list, files(folder, bodies).map { |file| "#{file}\n" }.join)
      begun = Array.new(2) do
        Open3.popen2e({ "JOURNEYS" => list }, RbConfig.ruby, File.join(__dir__, "lane.rb"))
      end
      said = begun.map { |_, out, _| out.read }
      [said, begun.all? { |_, _, child| child.value.success? }, File.read(list)]
    end
  end

  def runs(said)
    said.sum { |one| one[/^(\d+) runs,/, 1].to_i }
  end

  def test_every_file_is_taken_once_until_none_is_left
    said, well, left = lanes(*Array.new(12) { |number| "assert_equal(#{number}, #{number})" })

    assert_empty said.grep(/Failure|Error:/)
    assert well
    assert_equal 12, runs(said)
    assert_empty left
  end

  def test_one_that_fails_is_told_and_those_after_it_go_on
    said, well, left = lanes("flunk('nothing here')", *Array.new(5) { "assert(true)" })

    refute well
    assert_includes said.join, "nothing here"
    assert_equal 6, runs(said)
    assert_empty left
  end
end
