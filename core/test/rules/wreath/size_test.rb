# frozen_string_literal: true

require_relative "../../core_test"

class WreathSizeTest < CoreTest
  def size(host, width, *stock)
    answer("wreath.size", host: host, host_width_m: width, stock_m: stock)
  end

  def test_the_size_nearest_the_middle_of_the_band
    told = size("door", 0.9, 0.5, 0.6, 0.66)

    assert_in_delta 0.54, told[:low_m]
    assert_in_delta 0.675, told[:high_m]
    assert_in_delta 0.6, told[:choice_m]
  end

  def test_the_ends_of_the_band_are_in_it
    assert_in_delta 0.6, size("door", 1.0, 0.6)[:choice_m]
    assert_in_delta 0.75, size("door", 1.0, 0.75)[:choice_m]
    assert_nil size("door", 1.0, 0.59, 0.76)[:choice_m]
  end

  def test_none_in_the_band_is_said_and_none_at_all_is_not
    assert_equal ["wreath_no_size"], codes(size("door", 0.9, 0.3))
    assert_empty codes(size("door", 0.9))
  end

  def test_it_grows_with_its_host
    Rules::Wreath::Size::HOSTS.each do |host|
      small, large = [0.5, 1.0].map { |width| size(host, width) }

      assert_in_delta 2 * small[:low_m], large[:low_m]
      assert_operator large[:low_m], :<, large[:high_m]
    end
  end
end
