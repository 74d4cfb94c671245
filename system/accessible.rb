# frozen_string_literal: true

# What axe has to say of what stands in the browser.
module Accessible
  AXE = File.read(File.join(DeckBough::Server::ROOT, "web", "node_modules", "axe-core", "axe.min.js"))

  # axe is put into a document once: reading it takes longer than the check.
  def assert_clean(view, part = "html")
    page.execute_script(AXE) unless page.evaluate_script("'axe' in window")
    report = page.evaluate_async_script(
      "const [part, done] = arguments; " \
      "axe.run(part, { resultTypes: ['violations'], preload: false, iframes: false }).then(done)", part
    )
    told = report["violations"].map do |fault|
      "#{fault['id']}: #{fault['help']}\n  #{fault['nodes'].map { |node| node['html'][0, 200] }.join("\n  ")}"
    end

    assert_empty told, "#{view}:\n#{told.join("\n")}"
  end
end
