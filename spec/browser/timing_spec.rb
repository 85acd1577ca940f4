# frozen_string_literal: true

RSpec.describe "Time by hand", type: :feature do
  def stored(id) = ServerSpec.store.find(id).file

  describe "order of work" do
    let(:file) do
      plain_file(zones: [zone(course("earth_paste", thickness_mm: 4), course("matt_varnish")),
                         zone(course("sand_paste", thickness_mm: 3), id: "shore", ground: "sand", outline: round(20))],
        climate: { temperature_c: 18, humidity_pct: 60 },
        calendar: { start: "2027-03-01T09:00", finish_by: "2027-03-02T09:00",
                    weekly: %w[mon wed fri].map { |day| { day: day, from: "19:00", to: "21:00" } } })
    end
    let!(:id) { open_build(file, "order") }

    it "tells what other air would do before anything is changed, and makes it so" do
      within("section[aria-label='What if']") do
        find("[role=combobox]", match: :first).click
      end
      find("[role=option]", text: "with a fan").click
      expect(page).to have_css("section[aria-label='What if']", text: /Ready .*(sooner|no change|later)/)
      expect(stored(id)["climate"]).not_to have_key("airflow")
      click_button "Make it so"
      eventually { stored(id).dig("climate", "airflow") == "fan" }
      expect(page).to have_no_button("Make it so")
    end

    it "leaves the air as it was on second thoughts" do
      within("section[aria-label='What if']") do
        find("input[type=range][aria-label=Humidity]", visible: :all).execute_script("this.focus()")
        2.times { press(:left) }
        expect(page).to have_text("Humidity 58 %")
        click_button "As it was"
        expect(page).to have_text("Humidity 60 %")
        expect(page).to have_text("before anything is changed")
      end
      expect(stored(id)["climate"]).to eq("temperature_c" => 18, "humidity_pct" => 60)
    end

    it "says how sure the date is, and what would save it; done, it can be undone" do
      odds = find("section[aria-label='How sure the date is']")
      expect(odds).to have_text(/in half of all tries.*in time in .* % of 160/m)
      expect(odds).to have_text("What would save the date")
      before = stored(id)
      first("[data-rescue] button", text: "Do it").click
      eventually { stored(id) != before }
      click_button "Undo"
      eventually { stored(id) == before }
    end

    it "says before the drop which rule a step would break" do
      drag_step(/varnish/i, /Spread earth/)
      expect(page).to have_text(/That would break/)
      expect(page).to have_text(/comes before/)
      let_go
      expect(stored(id)["order"]).to be_nil
    end

    it "writes a free drop down as a wish" do
      drag_step(/Spread sand/, /Spread earth/)
      expect(page).to have_text("Nothing stands against it")
      let_go
      eventually { stored(id)["order"] == [{ "first" => "course-1", "then" => "course-2" }] }
      expect(stored(id)["zones"].map { |zone| zone["courses"].first["id"] }).to eq(%w[course-2 course-1])
    end

    # Chrome takes a synthetic press for no drag; the page's own drag events are sent as it would send them.
    def drag_step(held, over)
      @held, @over = [held, over].map { |pattern| find("[data-step]", text: pattern, match: :first)["data-step"] }
      fire(@held, "dragstart")
      fire(@over, "dragenter", "dragover")
    end

    def let_go
      fire(@over, "drop")
      fire(@held, "dragend")
    end

    def fire(step, *events)
      page.execute_script(<<~JS, step, events)
        window.dragged ||= new DataTransfer();
        const card = document.querySelector(`[data-step="${arguments[0]}"]`);
        const target = card.matches("[draggable]") ? card : card.querySelector("[draggable]") || card;
        for (const name of arguments[1])
          target.dispatchEvent(new DragEvent(name, { bubbles: true, cancelable: true, dataTransfer: window.dragged }));
      JS
    end
  end

  describe "a rehearsal" do
    let!(:id) { open_build(asking) }

    # The sample, whose gravel asks what it stands for: there is a mark on its plan.
    def asking
      courses = ->(zone) { zone["courses"].map { |course| course.except("represents") } }
      sample("peat-bank").then { |file| file.merge("zones" => file["zones"].map { |zone| zone.merge("courses" => courses[zone]) }) }
    end

    def go_on(times) = times.times { find("[aria-label='One sitting on']").click }
    def there?(pointer) = page.has_css?("section[aria-label=Plan] [data-part='#{pointer}']", wait: 1)

    it "shows plan and section as they stand then, and the whole again at its end" do
      expect(there?("/waters/0")).to be true
      click_button "Rehearse"
      expect(there?("/waters/0")).to be false
      expect(there?("/subjects/0")).to be false
      expect(page).to have_css("[data-testid=rehearsed]", visible: :all)
      bar = find("[aria-label=Rehearsal]")
      expect(bar).to have_text(/1 Mar|2 Mar|3 Mar|could be done now|Nothing is wet/)
      go_on(1)
      expect(bar).to have_text(/Do not touch: .+; /)
      go_on(20)
      expect(bar).to have_text("19 Mar")
      expect(there?("/waters/0")).to be true
      find("[aria-label='One sitting back']").click
      expect(bar).to have_no_text("19 Mar")
      click_button "End"
      expect(page).to have_button("Rehearse")
      expect(page).to have_css("[data-snag-mark]")
    end

    it "runs by itself and can be stopped" do
      click_button "Rehearse"
      first = find("[aria-label=Rehearsal] [role=status]").text
      find("[aria-label='Play the rehearsal']").click
      expect(page).to have_no_css("[aria-label=Rehearsal] [role=status]", text: first, exact_text: true, wait: 4)
      find("[aria-label='Stop the rehearsal']").click
      stopped = find("[aria-label=Rehearsal] [role=status]").text
      sleep 1.2
      expect(find("[aria-label=Rehearsal] [role=status]").text).to eq(stopped)
    end

    it "is over when the view is left" do
      click_button "Rehearse"
      click_link "Order"
      expect(page).to have_css("section[aria-label='Sitting 1']")
      click_link "Build up"
      expect(page).to have_button("Rehearse")
    end
  end

  describe "the calendar in the brief" do
    let!(:id) do
      open_build(plain_file(zones: [zone(course("earth_paste"))],
        calendar: { start: "2027-03-01T09:00", weekly: [{ day: "mon", from: "19:00", to: "21:00" }] }), "brief")
    end

    it "takes times away and further sittings by hand" do
      click_button "Add a time away"
      eventually { stored(id).dig("calendar", "away") == [{ "from" => "2027-03-01T19:00", "to" => "2027-03-01T22:00" }] }
      click_button "Add a further sitting"
      eventually { stored(id).dig("calendar", "extra")&.size == 1 }
      find("[aria-label^='Take out a time away']").click
      eventually { stored(id).dig("calendar", "away") == [] }
    end

    it "takes in busy times, and says what is wrong with a file that is none" do
      lines = %w[BEGIN:VCALENDAR VERSION:2.0 BEGIN:VEVENT UID:1 DTSTART:20270301T200000 DTEND:20270301T220000
        RRULE:FREQ=WEEKLY;COUNT=3 END:VEVENT END:VCALENDAR]
      file = Tempfile.new(["own", ".ics"]).tap { |one| one.write(lines.join("\r\n")) && one.close }
      find("[aria-label='Calendar file of busy times']", visible: :all).attach_file(file.path)
      expect(page).to have_text(/3 busy times of own.*fall into the sittings/)
      eventually { stored(id).dig("calendar", "away")&.size == 3 }
      junk = Tempfile.new(["junk", ".ics"]).tap { |one| one.write("hello") && one.close }
      find("[aria-label='Calendar file of busy times']", visible: :all).attach_file(junk.path)
      expect(page).to have_text(/junk.* is no calendar file/)
      expect(stored(id)["calendar"]["away"].size).to eq(3)
    end
  end

  describe "what now" do
    before { ServerSpec.store.all.each { |build| ServerSpec.store.delete(build.id) } }

    it "leads from the shelf to the next work, over all builds, and on to the build" do
      open_build(sample("peat-bank"))
      visit "/"
      click_link "What now"
      expect(page).to have_text("Nothing: no build has begun")
      click_button "Next work: Tue 2 Mar"
      expect(page).to have_css("[data-doable]", text: "Prepare the plinth")
      expect(page).to have_css("[data-doable] svg[aria-label*='Prepare the plinth']")
      expect(page).to have_css("section[aria-label='Do not touch']")
      expect(barriers).to be_empty
      first("[data-doable] a", text: "Peat bank").click
      expect(page).to have_css("section[aria-label='Sitting 1']")
    end

    it "says what is wrong with a moment in the address" do
      visit "/now?at=whenever"
      expect(page).to have_css("[role=alert]", text: /whenever is not a moment/)
    end
  end

  it "never is wider than a tablet" do
    page.current_window.resize_to(820, 1100)
    id = open_build(sample("estuary-skiff"), "order")
    %w[order brief compose build-up quantities].each do |stage|
      visit "/builds/#{id}/#{stage}"
      expect(page).to have_css("[role=status]", text: "Saved", wait: 20)
      click_button "Rehearse" if stage == "build-up"
      expect(page.evaluate_script("document.documentElement.scrollWidth")).to eq(820), stage
    end
  ensure
    page.current_window.resize_to(1280, 800)
  end

  it "draws a section true to scale however wide the page is" do
    page.current_window.resize_to(820, 1100)
    open_build(plain_file(subjects: [figure(round(8), height_mm: 60)], forms: [lift(6, rectangle(100, 60))]))
    bar = find("section[aria-label=Section] svg text", text: /mm, heights in mm, true to scale/, visible: :all)
    heights = page.evaluate_script(<<~JS)
      [...document.querySelectorAll('section[aria-label=Section] svg text')].filter((t) => /^-?\\d+$/.test(t.textContent))
        .map((t) => [Number(t.textContent), Number(t.getAttribute("y"))])
    JS
    across = page.evaluate_script(<<~JS)
      (() => {
        const texts = [...document.querySelectorAll('section[aria-label=Section] svg text')];
        const text = texts.find((t) => /true to scale/.test(t.textContent));
        return text.previousElementSibling.getBBox().width;
      })()
    JS
    (low, low_y), (high, high_y) = heights.minmax
    expect(across / bar.text[/\d+/].to_f).to be_within(0.05).of((low_y - high_y).to_f / (high - low))
  ensure
    page.current_window.resize_to(1280, 800)
  end
end
