# frozen_string_literal: true

require "fileutils"
require "net/http"
require_relative "../server/boot"

# The pictures of the demo's proposals, as the application draws them when one is sent: sent anew in a running demo, and
# written into demo/proposals. They are refreshed when the drawings or the demo's pieces change.
class DemoDrawings
  FOLDER = DeckBough::Server::DemoProposals::FOLDER

  # @param views [ShownViews] knows the way to a proposal
  def initialize(views, homes)
    @views = views
    @homes = homes
  end

  def take
    @homes.each do |home|
      browser = @views.proposal(home)
      browser.click_button("Send it again as it is now")
      browser.assert_text("It is sent.", wait: 120)
      browser.visit(browser.find("a[href*='/proposals/']")[:href])
      keep(home, browser)
    end
  end

  private

  def keep(home, browser)
    folder = File.join(FOLDER, name(home).delete_suffix(".jpg"))
    FileUtils.rm_rf(folder)
    FileUtils.mkdir_p(folder)
    drawn(browser).each do |file, address|
      File.binwrite(File.join(folder, file), Net::HTTP.get(URI(address.sub(%r{/small\z}, "/large"))))
      puts "demo/proposals/#{File.basename(folder)}/#{file}"
    end
  end

  # @return [Hash{String => String}] addresses by the names of files
  def drawn(browser)
    rooms(browser).merge(pieces(browser)).merge(versions(browser))
  end

  # Of the room at the top there is the one wall; of every room all walls, where it has several.
  def rooms(browser)
    browser.all("main .gallery figure").each_with_object({}) do |figure, all|
      room = figure.find("figcaption").text
      figure.all("img").each do |image|
        light = image[:alt][/\w+\z/]
        # Rooms with one dressed wall have one picture for both.
        all[image[:naturalHeight].to_i == 760 ? name(room, light) : name(room, "walls", light)] = image[:src]
      end
    end.merge(top(browser))
  end

  def top(browser)
    browser.all("header img", visible: :all).to_h do |image|
      room, light = image[:alt].match(/\A(.*) by (day|dusk),/).captures
      [name(room, light), image[:src]]
    end
  end

  def pieces(browser)
    browser.all("article.piece").to_h do |piece|
      [name(piece.find("h3").text), piece.find("img")[:src]]
    end
  end

  def versions(browser)
    browser.all("section.choose").flat_map do |piece|
      title = piece.find("h2").text[/\A(.*), one of/, 1]
      piece.all(".version").drop(1).map { |one| [name(title, one.find("b").text), one.find("img")[:src]] }
    end.to_h
  end

  def name(*says) = DeckBough::Server::DemoProposals.file_name(*says)
end
