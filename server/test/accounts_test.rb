# frozen_string_literal: true

require_relative "server_test"

# The door: guesses, browsers somebody signed in from before, and whom an owner keeps out.
class AccountsTest < ServerTest
  WORD = Server::DemoStudio::PASSWORD
  MOST = Server::Accounts::Guesses::MOST

  def setup
    demo
  end

  def try_sign_in(email, password)
    custom_request("POST", "/api/login", JSON.generate(email: email, password: password),
                   "CONTENT_TYPE" => "application/json")
    [last_response.status, JSON.parse(last_response.body).except("request_id")]
  end

  def test_an_email_nobody_has_is_answered_just_as_one_somebody_has_to_the_end
    known, unknown = [OWNER, "nobody@wick-fennel.example"].map do |email|
      Array.new(MOST + 1) { try_sign_in(email, "wrong-word-here") }
    end

    assert_equal known, unknown
    assert_equal [401, 403], known.map(&:first).uniq
    assert_equal(MOST, known.count { |status, _| status == 401 })
  end

  # As much is computed for the one as for the other: the password is compared with something either way.
  def test_an_email_nobody_has_takes_as_long
    compared = Hash.new(0)
    original = BCrypt::Engine.method(:hash_secret)
    counting = lambda do |email|
      BCrypt::Engine.singleton_class.send(:remove_method, :hash_secret)
      BCrypt::Engine.define_singleton_method(:hash_secret) { |*given| (compared[email] += 1) && original.call(*given) }
      try_sign_in(email, "wrong-word-here")
    end
    counting.call(OWNER)
    counting.call("nobody@wick-fennel.example")

    assert_equal [compared[OWNER]], compared.values.uniq
    assert_operator compared[OWNER], :>=, 1
  ensure
    BCrypt::Engine.singleton_class.send(:remove_method, :hash_secret)
    BCrypt::Engine.define_singleton_method(:hash_secret, original)
  end

  def test_strangers_do_not_keep_an_owner_out_of_a_browser_she_signed_in_from
    with_session(:hers) do
      sign_in
      ask(:post, "/api/logout", {})
    end
    with_session(:strange) do
      MOST.times { try_sign_in(OWNER, "wrong-word-here") }

      assert_equal 403, try_sign_in(OWNER, WORD).first
    end
    with_session(:hers) { assert_equal 200, try_sign_in(OWNER, WORD).first }
  end

  def test_a_browser_somebody_else_guesses_in_is_known_no_longer
    with_session(:hers) do
      sign_in
      ask(:post, "/api/logout", {})
      MOST.times { try_sign_in(OWNER, "wrong-word-here") }
    end
    with_session(:strange) { MOST.times { try_sign_in(OWNER, "wrong-word-here") } }

    with_session(:hers) { assert_equal 403, try_sign_in(OWNER, WORD).first }
  end

  def test_a_browser_of_one_is_not_known_for_another
    with_session(:brams) do
      sign_in(ASSISTANT)
      ask(:post, "/api/logout", {})
    end
    with_session(:strange) { MOST.times { try_sign_in(OWNER, "wrong-word-here") } }

    with_session(:brams) { assert_equal 403, try_sign_in(OWNER, WORD).first }
  end

  def test_signing_in_forgets_what_was_mistyped_before
    (MOST - 1).times { try_sign_in(OWNER, "wrong-word-here") }

    assert_equal 200, try_sign_in(OWNER, WORD).first
    assert_empty DATABASE[:sign_in_failures].all
  end

  def test_the_door_opens_again_and_old_guesses_are_forgotten
    MOST.times { try_sign_in(OWNER, "wrong-word-here") }
    DATABASE[:sign_in_failures].update(closed_until: Sequel.lit("now() - interval '1 second'"))

    assert_equal 401, try_sign_in(OWNER, "wrong-word-here").first
    assert_equal [1, nil], DATABASE[:sign_in_failures].get(%i[number closed_until])
    DATABASE[:sign_in_failures].update(number: MOST - 1, counted_from: Sequel.lit("now() - interval '20 minutes'"))
    try_sign_in(OWNER, "wrong-word-here")

    assert_equal 1, DATABASE[:sign_in_failures].get(:number)
  end

  def test_guesses_at_the_present_password_are_counted_and_do_not_close_the_sign_in
    sign_in
    wrong = { password: "not-the-present", new_password: "copper-lantern-7" }
    MOST.times { ask(:post, "/api/change-password", wrong, status: 401) }
    ask(:post, "/api/change-password", wrong.merge(password: WORD), status: 403)

    with_session(:strange) { assert_equal 200, try_sign_in(OWNER, WORD).first }
  end

  def person(email)
    ask(:get, "/api/people")["items"].find { |one| one["email"] == email }
  end

  def test_an_owner_keeps_somebody_out_and_lets_them_in_again
    with_session(:bram) { sign_in(ASSISTANT) }
    sign_in
    id = person(ASSISTANT)["id"]

    assert ask(:patch, "/api/people/#{id}", { disabled: true })["disabled"]
    with_session(:bram) do
      ask(:get, "/api/me", status: 401)

      assert_equal 401, try_sign_in(ASSISTANT, WORD).first
    end
    refute ask(:patch, "/api/people/#{id}", { disabled: false })["disabled"]
    with_session(:bram) { assert_equal 200, try_sign_in(ASSISTANT, WORD).first }
  end

  def test_an_owner_ends_sessions_and_gives_a_new_first_password
    with_session(:bram) { sign_in(ASSISTANT) }
    sign_in
    id = person(ASSISTANT)["id"]
    ask(:post, "/api/people/#{id}/sign-out", nil, status: 204)
    with_session(:bram) do
      ask(:get, "/api/me", status: 401)
      sign_in(ASSISTANT)
    end

    assert_equal ["/password"], pointers(ask(:post, "/api/people/#{id}/password", { password: "short" }, status: 422))
    ask(:post, "/api/people/#{id}/password", { password: "rope-and-brass-1" }, status: 204)
    with_session(:bram) do
      ask(:get, "/api/me", status: 401)

      assert_equal 401, try_sign_in(ASSISTANT, WORD).first
      assert_equal 200, try_sign_in(ASSISTANT, "rope-and-brass-1").first
    end
  end

  def test_roles_change_and_a_studio_is_never_left_without_an_owner
    sign_in
    bram = person(ASSISTANT)["id"]
    me = person(OWNER)["id"]

    assert_equal ["/role"], pointers(ask(:patch, "/api/people/#{me}", { role: "assistant" }, status: 422))
    assert_equal ["/role"], pointers(ask(:patch, "/api/people/#{me}", { disabled: true }, status: 422))
    assert_equal "owner", ask(:patch, "/api/people/#{bram}", { role: "owner" })["role"]
    ask(:patch, "/api/people/#{me}", { role: "assistant" })
    ask(:patch, "/api/people/#{bram}", { role: "assistant" }, status: 403)
  end

  def test_an_assistant_does_none_of_this_and_nobody_reaches_into_another_studio
    other = DATABASE[:accounts].where(studio_id: stranger).get(:id)
    sign_in
    ask(:patch, "/api/people/#{other}", { disabled: true }, status: 404)
    ask(:post, "/api/people/#{other}/sign-out", nil, status: 404)
    ask(:post, "/api/people/#{other}/password", { password: "rope-and-brass-1" }, status: 404)
    as(ASSISTANT) do
      id = person(OWNER)["id"]
      ask(:patch, "/api/people/#{id}", { disabled: true }, status: 403)
      ask(:post, "/api/people/#{id}/sign-out", nil, status: 403)
      ask(:post, "/api/people/#{id}/password", { password: "rope-and-brass-1" }, status: 403)
    end
  end
end
