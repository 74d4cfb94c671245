# frozen_string_literal: true

require_relative "../server_test"

class PeopleRoutesTest < ServerTest
  NEW = { name: "Tansy Pike", email: "Tansy@wick-fennel.example", password: "rope-and-brass-1",
          role: "assistant" }.freeze

  def test_an_owner_lets_somebody_in_who_can_then_sign_in
    sign_in

    assert_equal({ "name" => "Tansy Pike", "email" => "tansy@wick-fennel.example", "role" => "assistant",
                   "disabled" => false },
                 ask(:post, "/api/people", NEW, status: 201).except("id"))
    assert_equal 4, ask(:get, "/api/people")["total"]
    with_session(:tansy) do
      sign_in("tansy@wick-fennel.example", "rope-and-brass-1")

      assert_equal "Wick & Fennel", ask(:get, "/api/me")["studio"]["name"]
    end
  end

  def test_what_will_not_do_is_told_by_field
    sign_in
    bad = ask(:post, "/api/people", { name: "", email: "nowhere", password: "short", role: "assistant" }, status: 422)

    assert_equal %w[/name /email /password], pointers(bad)
    assert_equal ["/email"], pointers(ask(:post, "/api/people", NEW.merge(email: OWNER.upcase), status: 422))
    assert_equal ["/role"], pointers(ask(:post, "/api/people", NEW.merge(role: "guest"), status: 422))
  end

  def test_an_assistant_lets_nobody_in
    as(ASSISTANT) { ask(:post, "/api/people", NEW, status: 403) }
  end
end
