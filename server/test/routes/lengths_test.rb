# frozen_string_literal: true

require_relative "../server_test"

class LengthsRoutesTest < ServerTest
  def read(text, status: 200)
    ask(:get, "/api/lengths?text=#{Rack::Utils.escape(text)}", status: status)
  end

  def test_reads_any_spelling_and_says_it_back_tidied
    sign_in

    assert_equal({ "metres" => 2.286, "metric" => "2.29 m", "imperial" => "7 ft 6 in" }, read("7'6\""))
    assert_in_delta 2.4, read("2,4")["metres"]
  end

  def test_a_bare_number_is_feet_in_a_studio_that_measures_in_feet
    sign_in
    ask(:patch, "/api/studio", { version: 1, units: "imperial" })

    assert_in_delta 2.286, read("7.5")["metres"]
  end

  def test_nonsense_is_named
    sign_in

    assert_includes read("tallish", status: 422)["detail"], "“tallish” is not a length"
  end
end
