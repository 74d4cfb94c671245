# frozen_string_literal: true

# One browser for journey after journey, with the application running, as at a studio's desk: each is signed in where
# the last one went out. That takes half of what a browser takes that begins anew, and whatever one session left for the
# next would be seen. Anew after a journey that failed, that asked for it, or that took another way in.
module OneBrowser
  DOOR = "/sign-in"
  # What somebody who goes keeps on the device; what the application holds in memory goes at the door, by itself.
  FORGET = "localStorage.clear(); sessionStorage.clear()"

  # What is typed letter by letter is drawn letter by letter; here nobody looks.
  PUT = <<~JS
    const [field, said] = arguments;
    Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, "value").set.call(field, said);
    field.dispatchEvent(new Event("input", { bubbles: true }));
  JS

  def teardown
    left = passed? && !@anew && go_out
  ensure
    anew unless left
    super
  end

  # For journeys that change the browser itself: its media, its network, its light.
  def anew_afterwards
    @anew = true
  end

  # Two browsers at once are put away together.
  def using_session(...)
    anew_afterwards
    super
  end

  # Signed in already, for journeys that begin elsewhere than at the door: on the way there, where the application runs.
  def enter(email = self.class::OWNER)
    super
    @on_the_way = email if default_driver? && page.current_path == DOOR
  end

  def visit(path)
    return super unless @on_the_way && path.start_with?("/")

    email = @on_the_way
    @on_the_way = nil
    follow(DOOR, from: path)
    { "Email" => email, "Password" => DeckBough::Server::DemoStudio::PASSWORD }.each do |field, said|
      page.execute_script(PUT, find_field(field), said)
    end
    click_button "Sign in"

    assert_no_field "Password"
  end

  # A browser that never saw the application.
  def anew
    @on_the_way = nil
    Capybara.reset_sessions!
    Capybara.use_default_driver
    at_a_desk
  end

  private

  # Out by the door, with nothing under way any more and nothing kept.
  #
  # @return [Boolean] whether it opened
  def go_out
    return false unless default_driver? && page.has_css?("#root", wait: 0)

    page.execute_script(FORGET)
    follow(DOOR)
    return false unless page.has_field?("Password", wait: 4) && at_rest?

    page.driver.clear_network_traffic
    page.driver.clear_cookies
    true
  end

  def default_driver?
    Capybara.current_driver == Capybara.default_driver
  end
end
