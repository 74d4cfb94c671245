# frozen_string_literal: true

require_relative "system_test"
require_relative "accessible"

# A home is shown to its client, who has no account: drawn, sent, said something of, chosen from, accepted, changed and
# asked again, withdrawn.
class ProposalTest < SystemTest
  include Accessible

  HOME = "Number Nine, Ropewalk"

  def setup
    super
    @home = DATABASE[:homes].where(name: HOME).get(:id)
  end

  def open_proposal
    visit "/homes/#{@home}/proposal"

    assert_text "What is shown"
  end

  # @return [String] where the client finds it
  def send_it(button = "Send it")
    click_button button

    assert_text "It is sent."
    find("a[href*='/proposals/']")[:href]
  end

  def as_client(link, &)
    using_session(:client) do
      visit link
      yield
    end
  end

  def pictures
    page.evaluate_script("Array.from(document.images, (one) => [one.loading, one.complete, one.naturalWidth])")
        .reject { |loading, *| loading == "lazy" }
  end

  def piece(name) = find("article.piece", text: name)

  def test_a_home_is_shown_chosen_from_accepted_and_asked_again
    enter
    visit "/homes/#{@home}"
    find("button[aria-label='More for this home']").click
    find("[role=menuitem]", text: "Proposal for the client").click

    assert_text "Not sent yet"
    check "Mantel greens: Level and quiet"
    fill_in "A few words", with: "Say what you would rather have."
    link = send_it

    as_client(link) do
      assert_text "for Perpetua Vole"
      assert_text "Say what you would rather have."
      assert(pictures.all? { |_, complete, width| complete && width.positive? })
      assert_equal 2, all("header img", visible: :all).size
      within(piece("Alcove tree")) do
        find("summary").click
        fill_in "About Alcove tree", with: "Could the bow be smaller?"
        click_button "Send it"
      end

      assert_text "It is said."
      choose "Level and quiet"
      click_button "Choose this one"

      assert_text "Mantel greens: Level and quiet"
      click_button "Accept as drawn"

      assert_text(/Perpetua Vole said yes on 19 November 2026 to €\d/)
    end

    open_proposal

    assert_text "Accepted"
    assert_text "Mantel greens: the client chose “Level and quiet”."
    fill_in "Answer", with: "Yes, a third smaller."
    click_button "Answer"

    assert_text "Answered 19 Nov 2026"
    asked_again(link)
  end

  def asked_again(link)
    DATABASE[:pieces].where(name: "Alcove tree").update(name: "Tree in the alcove")
    visit "/"

    assert_link "Proposal changed since"
    click_link "Proposal changed since"

    assert_text "Alcove tree is called Tree in the alcove now."
    as_client(link) { assert_text "Alcove tree" }

    assert_equal link, send_it("Send it again as it is now")
    as_client(link) do
      assert_text "Changed since you said yes"
      assert_text "1 said, 1 answered"
      click_button "Accept as drawn"

      assert_text "Agreed"
    end
    withdrawn(link)
  end

  def withdrawn(link)
    find("button[aria-label='More of the proposal']").click
    find("[role=menuitem]", text: "Withdraw it").click
    within("[role=dialog]") { click_button "Withdraw" }

    assert_text "Withdrawn"
    assert_text "Yes, a third smaller."
    as_client(link) { assert_text "Nothing here" }
  end

  def test_the_page_is_read_on_a_phone_and_by_everyone
    enter
    open_proposal
    link = send_it
    [[1280, 1000], [390, 844]].each do |size|
      page.driver.resize(*size)
      visit link

      assert_text "What it comes to"
      assert_operator page.evaluate_script("document.documentElement.scrollWidth"), :<=, size.first
      assert_clean "client's page at #{size}"
    end
    fill_in "Your name", with: ""
    page.execute_script("document.querySelector('#name').required = false")
    click_button "Accept as drawn"

    assert_text "Type your name"
    assert_clean "client's page with an objection"
  end

  def test_what_cannot_be_agreed_is_told_beside_its_field
    enter
    open_proposal
    fill_in "Deposit, %", with: "130"
    fill_in "A few words", with: "Good evening"
    click_button "Keep it for now"

    assert_text(/Deposit is 130 %/)
    assert_field "A few words", with: "Good evening"
    fill_in "Deposit, %", with: "30"
    fill_in "A few words", with: "Good morning"

    assert_no_text(/Deposit is 130 %/)
    click_button "Keep it for now"

    assert_button "Keep it for now", disabled: true
  end

  def test_what_two_people_say_of_one_proposal_is_asked_about
    enter
    open_proposal
    using_session(:other) do
      enter(ASSISTANT)
      open_proposal
      fill_in "A few words", with: "From the assistant"
      click_button "Keep it for now"

      assert_button "Keep it for now", disabled: true
    end
    fill_in "A few words", with: "From the owner"
    click_button "Keep it for now"

    assert_text "Changed meanwhile"
    within("[role=dialog]") { assert_text "From the assistant" }
    click_button "Keep mine"

    assert_button "Keep it for now", disabled: true
    visit current_path

    assert_field "A few words", with: "From the owner"
  end
end
