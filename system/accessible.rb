# frozen_string_literal: true

# What axe has to say of what stands in the browser.
module Accessible
  AXE = File.read(File.join(DeckBough::Server::ROOT, "web", "node_modules", "axe-core", "axe.min.js"))

  # Faults alone come back, as text: a whole report is fetched from the browser object by object.
  CHECK = <<~JS
    const [part, done] = arguments;
    axe.run(part, { resultTypes: ["violations"], preload: false, iframes: false }).then(({ violations }) =>
      done(JSON.stringify(violations.map(({ id, help, nodes }) => [id, help, nodes.map(({ html }) => html)]))));
  JS

  # axe is put into a document once: reading it takes longer than the check.
  def assert_clean(view, part = "html")
    page.execute_script(AXE) unless page.evaluate_script("'axe' in window")
    told = JSON.parse(page.evaluate_async_script(CHECK, part)).map do |fault, help, places|
      "#{fault}: #{help}\n  #{places.map { |html| html[0, 200] }.join("\n  ")}"
    end

    assert_empty told, "#{view}:\n#{told.join("\n")}"
  end
end
