# frozen_string_literal: true

require_relative "system_test"

# Labels of the drawings: they meet neither each other nor edges, greens or lines. A line behind one that has a pale
# edge of its own is broken by it; numbers of anchors belong on the greens.
class LabelsTest < SystemTest
  # Sprigs at the edge of greens are let be up to so much of a label.
  GREENS = 0.03

  PAINTED = <<~JS
    (() => {
      const canvas = document.querySelector("[role=img] canvas");
      if (!canvas) return document.querySelectorAll("[role=img] svg text").length > 0;
      if (!canvas.width) return false;
      const { data } = canvas.getContext("2d").getImageData(0, 0, canvas.width, canvas.height);
      for (let i = 3; i < data.length; i += 4) if (data[i] > 60) return true;
      return false;
    })()
  JS

  MET = <<~JS.freeze
    (() => {
      const stage = (document.querySelector("[role=img] canvas") ?? document.querySelector("[role=img] svg text"))
        .closest("[role=img]");
      const canvas = stage.querySelector("canvas");
      const around = stage.getBoundingClientRect();
      const dense = (canvas?.width ?? 0) / around.width;
      const texts = [...stage.querySelectorAll("svg text")].filter(({ textContent }) =>
        textContent.trim() && !/^(\\d+|× \\d+)$/.test(textContent.trim()));
      const boxes = texts.map((text) => ({ text, says: text.textContent, box: text.getBoundingClientRect() }));
      const lines = [...stage.querySelectorAll("svg line, svg path, svg polyline")].filter((line) => {
        const { stroke, opacity } = getComputedStyle(line);
        return stroke !== "none" && Number(opacity) > 0 && line.getTotalLength() > 0 && !line.closest("pattern");
      });
      const walked = new Map();
      const pointsOf = (line) => {
        if (!walked.has(line)) {
          const matrix = line.getScreenCTM();
          walked.set(line, Array.from({ length: Math.floor(line.getTotalLength()) + 1 }, (_, along) =>
            line.getPointAtLength(along).matrixTransform(matrix)));
        }
        return walked.get(line);
      };
      const near = (line, { left, right, top, bottom }) => {
        const box = line.getBoundingClientRect();
        return box.left <= right && box.right >= left && box.top <= bottom && box.bottom >= top;
      };
      const meets = (line, { box }) => near(line, box) && pointsOf(line).some(({ x, y }) =>
        x > box.left + 1 && x < box.right - 1 && y > box.top + 3 && y < box.bottom - 3);
      const greens = ({ box }) => {
        const [wide, high] = [Math.floor((box.width - 2) * dense), Math.floor((box.height - 4) * dense)];
        if (!canvas || wide < 1 || high < 1) return 0;
        const { data } = canvas.getContext("2d").getImageData(
          (box.left + 1 - around.left) * dense, (box.top + 2 - around.top) * dense, wide, high);
        let painted = 0;
        for (let i = 3; i < data.length; i += 4) if (data[i] > 60) painted += 1;
        return painted / (wide * high);
      };
      return boxes.flatMap((one, i) => {
        const { text, box, says } = one;
        const pale = text.getAttribute("paint-order") === "stroke" && Number(text.getAttribute("stroke-width")) > 0;
        const over = lines.filter((line) => !pale || text.compareDocumentPosition(line) & 4);
        const others = boxes.slice(i + 1).filter(({ box: other }) =>
          box.left < other.right - 1 && other.left < box.right - 1 &&
          box.top < other.bottom - 1 && other.top < box.bottom - 1);
        const cut = box.left < around.left || box.right > around.right || box.bottom > around.bottom;
        return [
          ...others.map((other) => `${says} × ${other.says}`),
          ...(over.some((line) => meets(line, one)) ? [`${says} × a line`] : []),
          ...(greens(one) > #{GREENS} ? [`${says} × greens`] : []),
          ...(cut ? [`${says} × the edge`] : []),
        ];
      });
    })()
  JS

  def painted
    eventually("Nothing was painted.") { page.evaluate_script(PAINTED) }
    at_rest?
  end

  def met(size)
    page.current_window.resize_to(*size)
    visit "/house-rules"

    assert_text "On a sample tree"
    DATABASE[:pieces].order(:name).select_map(%i[id name]).flat_map do |id, name|
      follow "/pieces/#{id}"

      assert_selector "h1", text: name
      assert_text "What it takes"
      painted
      page.evaluate_script(MET).map { |what| "#{name}: #{what}" } + closer(name)
    end
  end

  def closer(name)
    return [] unless page.has_button?("Closer", wait: 0)

    click_button "Closer"

    assert_no_button "Closer"
    painted
    page.evaluate_script(MET).map { |what| "#{name}, closer: #{what}" }
  end

  def test_labels_stand_free_at_the_desk
    enter

    assert_empty met(DESK)
  end

  # Longer words, a lower slope, a stair that is thin along its whole length.
  def test_labels_stand_free_in_feet
    enter
    DATABASE[:studios].update(units: "imperial")
    DATABASE[:rooms].where(name: "Loft").update(width_m: 4.27, ceiling_left_m: 2.74, ceiling_right_m: 2.44)
    DATABASE[:places].where(name: "High window").update(from_left_m: 1.5)
    rail = DATABASE[:pieces].where(name: "Stair rail")
    bare = rail.get(:settings).to_h.except("rise_and_trail")
    rail.update(settings: Sequel.pg_jsonb(bare.merge("body" => { "bodies" => [] })))

    assert_empty met(DESK)
  end

  def test_labels_stand_free_on_a_phone
    enter

    assert_empty met(PHONE)
  end
end
