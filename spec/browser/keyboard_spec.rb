# frozen_string_literal: true

# A build from nothing to its first step at the bench without a pointer.
RSpec.describe "By keyboard alone", type: :feature do
  def lit
    page.evaluate_script(<<~JS)
      (() => {
        const one = document.activeElement;
        const named = (one.getAttribute("aria-labelledby") ?? "").split(" ").map((id) => document.getElementById(id)?.textContent ?? "").join(" ");
        return [one.getAttribute("aria-label"), one.labels?.[0]?.textContent, named, one.textContent].find((words) => words?.trim())?.trim() ?? "";
      })()
    JS
  end

  # So many times at most until something of this name is lit.
  # @return [Integer] how often
  def tab_to(name, most)
    1.upto(most) do |count|
      press(:Tab)
      return count if lit.start_with?(name)
    end
    raise "#{name} was not come to in #{most} steps; #{lit} is lit"
  end

  # Whether what is lit is seen to be.
  def outlined? = page.evaluate_script(<<~JS)
    (() => {
      const style = getComputedStyle(document.activeElement);
      const around = getComputedStyle(document.activeElement.closest(".MuiInputBase-root") ?? document.activeElement);
      return style.outlineStyle !== "none" || style.boxShadow !== "none" || around.borderWidth !== "0px" ||
        document.activeElement.matches(":focus-visible");
    })()
  JS

  it "begins a build, lays a course, draws ground, nudges it, looks at the order and begins at the bench" do
    visit "/new"
    expect(page).to have_field("Title")
    press("Weir")
    expect(tab_to("Begin the build", 25)).to be < 25
    press(:Enter)
    expect(page).to have_css("h1", text: "Weir")
    id = ServerSpec.store.all.first.id
    stored = -> { ServerSpec.store.find(id).file }

    page.execute_script("document.activeElement.blur()")
    tab_to("To the work", 2)
    expect(outlined?).to be(true)
    press(:Enter)
    tab_to("Draw", 6)
    press(:Enter)
    find("[role=option]", text: "ground zone", exact_text: true)
    # The list goes by the first letters, as lists do.
    press("ground z")
    press(:Enter)
    expect(page).to have_button("Stop drawing")
    expect(page).to have_no_css(".MuiModal-root")
    [%i[Space], %i[Right] * 12 + %i[Space], %i[Up] * 9 + %i[Space]].each { |keys| keys.each { |key| press(key == :Space ? " " : key) } }
    press(:Enter)
    eventually { stored.call["zones"].size == 2 }
    press(:Left)
    expect(stored.call["zones"][1]["outline"]["points_mm"].size).to eq(3)
    tab_to("Lay another course on top", 60)
    press("mud")
    press(:Down, :Enter)
    eventually { stored.call["zones"][1]["courses"] == [{ "material" => "mud_paste" }] }

    page.execute_script("document.activeElement.blur()")
    press("4")
    expect(page).to have_css("h1", text: "Order of work")
    press("6")
    expect(page).to have_css("[aria-label=Clock]")
    tab_to("Begin: Prepare the plinth", 40)
    press(:Enter)
    eventually { ServerSpec.store.events(id).map { |event| event["kind"] } == %w[started] }
  end
end
