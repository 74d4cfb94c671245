# frozen_string_literal: true

require_relative "../core_test"

# Colours in words.
class ColourWordsTest < CoreTest
  def test_colours_have_the_words_people_use
    { "#b3122b" => "red", "#d3a02a" => "yellow", "#24524a" => "dark green", "#33547a" => "dark blue",
      "#6b2e4f" => "plum", "#ece8dd" => "warm white", "#cecfd4" => "cool grey", "#000000" => "black",
      "#ffffff" => "white", "#8d9194" => "cool grey", "#6b4423" => "brown", "#e8862e" => "orange",
      "#2a9aa0" => "teal", "#93a283" => "soft green" }.each do |colour, word|
      assert_equal word, Looks::ColourWords.of(colour), colour
    end
  end

  def test_every_colour_has_some_word
    chance = Random.new(1)

    500.times { assert_match(/\A[a-z ]+\z/, Looks::ColourWords.of(format("#%06x", chance.rand(0x1000000)))) }
  end
end
