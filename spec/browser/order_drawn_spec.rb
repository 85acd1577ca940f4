# frozen_string_literal: true

RSpec.describe "The order of work, drawn", type: :feature do
  def stored = ServerSpec.store.find(@id).file
  def mark(step) = "[data-node='#{step}']"
  def middle(step) = find("#{mark(step)} > rect:last-child", match: :first, visible: :all).native.node.find_position
  def focus(step) = page.execute_script("document.querySelector(arguments[0]).focus()", mark(step))
  def focused = page.evaluate_script("document.activeElement.dataset.node")
  def rows
    page.evaluate_script("[...document.querySelectorAll('[aria-label^=\"Ways\"] ~ *, svg text title')].map((one) => one.textContent)")
  end

  let(:file) do
    grounds = [["left", "earth_paste", -20], ["right", "mud_paste", 20]]
    plain_file(forms: [lift(3, rectangle(60, 30), name: "bank")], subjects: [figure(round(8), paint_min: 30)],
      zones: grounds.map { |name, paste, x| zone(course(paste, id: "#{name}-paste"), course("acrylic_paint", id: "#{name}-paint"),
        id: name, name: name, outline: rectangle(40, 50).merge("at_mm" => [x, 0])) })
  end

  before { @id = open_build(file, "order?view=drawing") }

  it "has a row for each part, the plinth at the foot, all of it in sight" do
    expect(page).to have_css(mark("left-paste"), visible: :all)
    expect(rows.last).to eq("plinth")
    expect(rows.index("figure")).to be < rows.index("left")
    expect(page.evaluate_script("document.documentElement.scrollHeight")).to be <= 800
    steps = saved_steps
    drawn = page.evaluate_script("[...new Set([...document.querySelectorAll('[data-node]')].map((one) => one.dataset.node))]")
    expect(drawn).to match_array(steps)
    click_button "True time"
    expect(page).to have_css(mark("left-paste"), visible: :all)
  end

  def pastes = %w[left-paste right-paste].sort_by { |step| middle(step)[0] }

  it "is read and changed by keyboard alone: a place is asked for, told of, and taken" do
    first, second = pastes
    focus(second)
    press(:Enter)
    expect(page).to have_css("#{mark(second)}[aria-pressed=true]", visible: :all)
    # Back in time until the other paste: asked for, left with Escape, asked for again and taken.
    focus(first)
    press(:Right) until focused == second
    press(%i[Alt Left])
    expect(page).to have_text(/, before .+\?/)
    press(:Escape)
    expect(page).to have_no_text(/, before .+\?/)
    press(%i[Alt Left])
    expect(page).to have_css("[role=status]", text: /Nothing stands against it|break|say their order/)
    press(:Enter)
    expect(page).to have_no_text(/, before .+\?/)
    press(:Up)
    expect(focused).not_to eq(second)
  end

  def hold(step, over)
    from, to = middle(step), middle(over)
    mouse.move(x: from[0], y: from[1])
    mouse.down
    mouse.move(x: (from[0] + to[0]) / 2, y: (from[1] + to[1]) / 2)
    mouse.move(x: to[0], y: to[1])
  end

  it "is changed by hand: what stands against it is told before the drop, and a free place becomes a wish" do
    first, second = pastes
    hold(second, first)
    expect(page).to have_css("[role=status]", text: "Nothing stands against it")
    mouse.up
    eventually { stored["order"]&.any? }
    expect(page).to have_text("Saved")
    expect(pastes).to eq([second, first])
    hold("left-paint", "left-paste")
    expect(page).to have_css("[role=status]", text: /courses say their order|break/)
    mouse.up
    expect(stored["order"].size).to eq(1)
  end

  it "shows each step by sitting as the base stands after it, with bars for work and drying" do
    click_on "By sitting"
    card = find("[data-step='left-paste']")
    expect(card).to have_css("svg[aria-label^='After Spread earth texture paste']")
    expect(card).to have_css("svg [data-new]", visible: :all)
    expect(card).to have_text(/of work.*then dries/m)
  end

  def saved_steps = GreenPlinth.evaluate(GreenPlinth::Files::PlinthFile.new(GreenPlinth::Catalogue.default).build(stored),
    memo: GreenPlinth::Memo.new).steps.map(&:id)
end
