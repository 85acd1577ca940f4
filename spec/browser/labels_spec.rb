# frozen_string_literal: true

# No words of a drawing lie on others: text boxes measured in the browser, of every sample, at the widths of a screen, a tablet and a
# telephone.
RSpec.describe "Words in drawings", type: :feature do
  overlaps = <<~JS
    (() => {
      const found = [];
      for (const svg of document.querySelectorAll("main svg")) {
        const frame = svg.getBoundingClientRect();
        const seen = (box) => box.width && box.right > frame.left && box.left < frame.right && box.bottom > frame.top && box.top < frame.bottom;
        const boxes = [...svg.querySelectorAll("text")].map((text) => [text.textContent.trim(), text.getBoundingClientRect()])
          .filter(([words, box]) => words && seen(box));
        boxes.forEach(([one, a], i) => boxes.slice(i + 1).forEach(([other, b]) => {
          const wide = Math.min(a.right, b.right) - Math.max(a.left, b.left);
          const high = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
          // What only touches is not covered.
          if (wide > 2 && high > 4) found.push(`${one} | ${other}`);
        }));
      }
      return found;
    })()
  JS

  def wide(pixels)
    page.driver.browser.page.command("Emulation.setDeviceMetricsOverride", width: pixels, height: 900, deviceScaleFactor: 1, mobile: false)
  end

  after { page.driver.browser.page.command("Emulation.clearDeviceMetricsOverride") }

  # At each width, once the drawings have followed the window.
  def covered(name, overlaps)
    [1280, 820, 390].flat_map do |pixels|
      wide(pixels)
      widths = -> { page.evaluate_script("[...document.querySelectorAll('main svg')].map((svg) => svg.clientWidth).join()") }
      settled = nil
      eventually(5) { settled == (settled = widths.call) }
      page.evaluate_script(overlaps).map { |words| "#{name} at #{pixels}: #{words}" }
    end
  end

  it "can all be read" do
    found = sample_names.flat_map do |name|
      open_build(sample(name))
      expect(page).to have_css("section[aria-label=Plan] svg text", minimum: 1)
      covered(name, overlaps)
    end
    expect(found).to eq([])
  end

  it "can all be read on the other stages" do
    id = open_build(sample("withy-crossing"))
    found = %w[compose order quantities brief].flat_map do |stage|
      wide(1280)
      visit "/builds/#{id}/#{stage}"
      expect(page).to have_css("main svg", minimum: 1)
      covered(stage, overlaps)
    end
    expect(found).to eq([])
  end

  it "would be found covered" do
    open_build(plain_file)
    expect(page.evaluate_script(overlaps)).to eq([])
    page.execute_script(<<~JS)
      const svg = document.querySelector("section[aria-label=Plan] svg");
      for (const x of [40, 60]) {
        const text = document.createElementNS("http://www.w3.org/2000/svg", "text");
        Object.assign(text, { textContent: "somebody" });
        text.setAttribute("x", x);
        text.setAttribute("y", 60);
        svg.append(text);
      }
    JS
    expect(page.evaluate_script(overlaps)).to eq(["somebody | somebody"])
  end
end
