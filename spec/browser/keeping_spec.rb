# frozen_string_literal: true

RSpec.describe "Nothing is lost", type: :feature do
  let(:file) { plain_file(forms: [lift(10, rectangle(60, 40), name: "bank")]) }
  let!(:id) { open_build(file) }

  def stored = ServerSpec.store.find(id).file
  def nudge = press(:Right)
  def network = page.driver.browser.network

  before { click_button "Bank" }

  it "on a reload: the build, undo and redo are there" do
    nudge
    eventually { stored["forms"][0]["outline"]["at_mm"] == [1, 0] }
    saved(id)
    visit current_path
    expect(page).to have_button("Undo", disabled: false, wait: 20)
    click_button "Undo"
    eventually { stored["forms"][0]["outline"]["at_mm"] == [0, 0] }
    expect(page).to have_button("Redo", disabled: false)
    visit current_path
    expect(page).to have_button("Redo", disabled: false, wait: 20)
    click_button "Redo"
    eventually { stored["forms"][0]["outline"]["at_mm"] == [1, 0] }
  end

  it "while the server is away: it is said, edits wait, and are sent when it is back" do
    network.emulate_network_conditions(offline: true)
    2.times { nudge }
    expect(page).to have_css("[role=status]", text: "Server away, 2 changes kept here")
    expect(stored["forms"][0]["outline"]["at_mm"]).to eq([0, 0])
    network.emulate_network_conditions(offline: false)
    eventually(10) { stored["forms"][0]["outline"]["at_mm"] == [2, 0] }
    expect(saved(id).version).to eq(3)
  end

  it "keeps waiting edits through a reload" do
    nudge = { label: "Nudge bank", patch: [{ op: "add", path: "/forms/0/outline/at_mm", value: [7, 0] }] }
    page.execute_script("localStorage.setItem(arguments[0], arguments[1])", "green-plinth:waiting:#{id}", JSON.generate([nudge]))
    visit current_path
    eventually(10) { stored["forms"][0]["outline"]["at_mm"] == [7, 0] }
    expect(page.evaluate_script("localStorage.getItem('green-plinth:waiting:#{id}')")).to be_nil
  end

  describe "where the server fails at an edit" do
    def waits = expect(page).to(have_css("[role=status]", text: "1 change kept here"))

    # The first call of a change fails so; the next ones do not.
    def first_change
      calls = 0
      allow_any_instance_of(GreenPlinth::Server::Store).to receive(:change).and_wrap_original do |original, *given, **more|
        calls += 1
        calls == 1 ? yield(-> { original.call(*given, **more) }) : original.call(*given, **more)
      end
    end

    it "by an outage of its database: it is said, and the edit sent again" do
      first_change { raise Sequel::DatabaseDisconnectError, "gone" }
      expect { nudge && waits }.to output(/the database is away/).to_stderr
      expect(page).to have_css("[role=status]", text: "The database is away")
      eventually(10) { stored["forms"][0]["outline"]["at_mm"] == [1, 0] }
      expect(saved(id).version).to eq(2)
    end

    it "by a mistake of its own: likewise" do
      first_change { raise "a mistake of ours" }
      expect { nudge && waits }.to output(/a mistake of ours/).to_stderr
      eventually(10) { stored["forms"][0]["outline"]["at_mm"] == [1, 0] }
      expect(saved(id).version).to eq(2)
    end

    it "after it took it, so that the answer is lost: the edit is made once, and is nobody else's conflict" do
      first_change { |change| change.call && raise(Sequel::DatabaseDisconnectError, "gone") }
      expect { nudge && waits }.to output(/the database is away/).to_stderr
      expect(saved(id).version).to eq(2)
      expect(page).to have_no_css("[role=dialog]")
      nudge
      eventually { stored["forms"][0]["outline"]["at_mm"] == [2, 0] }
    end
  end

  describe "a build that cannot be opened" do
    def spoil(scale) = ServerSpec.database[:builds].where(id: id).update(file: Sequel.pg_jsonb_wrap(file.merge("scale" => scale)))

    it "is put right by what is typed, and opens" do
      spoil(-1)
      visit current_path
      within("section[aria-label='Scale']") do
        expect(page).to have_text("must be more than 0")
        fill_in "Put here instead", with: "72"
      end
      expect(barriers).to be_empty
      click_button "Put it right"
      expect(page).to have_css("header", text: "1:72")
      expect(saved(id).file["scale"]).to eq(72)
    end

    it "says what is still wrong, and can be saved as it is" do
      spoil(-1)
      visit current_path
      fill_in "Put here instead", with: "wide"
      click_button "Put it right"
      expect(page).to have_css("section[aria-label='Scale']", text: "must be a number")
      expect(page).to have_link("Save the plinth file as it is", href: "/api/builds/#{id}/export.json")
    end
  end

  it "brings a deleted build back, from the shelf and from its own page" do
    ServerSpec.store.delete(id)
    visit current_path
    expect(page).to have_css("h1", text: "Specimen was deleted")
    click_button "Bring it back"
    expect(page).to have_css("[role=status]", text: "Saved")
    ServerSpec.store.delete(id)
    visit "/"
    click_button "Bring Specimen back"
    expect(page).to have_css("article[aria-label='Specimen']")
    expect(page).to have_no_css("section[aria-label='Deleted']")
  end

  describe "the same build in two windows" do
    def elsewhere(mm)
      build = ServerSpec.store.find(id)
      GreenPlinth::Server::Desk.new(ServerSpec.store).change(id, build.version, "Thicken bank",
        [{ "op" => "replace", "path" => "/forms/0/sheet_mm", "value" => mm }])
    end

    it "shows what the other one did" do
      elsewhere(7)
      expect(page).to have_field("Sheet", with: "7")
    end

    it "gives a clear choice when both changed it, and puts ours on top when asked" do
      network.emulate_network_conditions(offline: true)
      nudge
      expect(page).to have_text("1 change kept here")
      elsewhere(4)
      network.emulate_network_conditions(offline: false)
      expect(page).to have_css("[role=dialog]", text: /changed in another window.*Thicken bank.*Nudge bank/m,
        wait: 10)
      expect(stored["forms"][0]["outline"]["at_mm"]).to eq([0, 0])
      click_button "Put mine on top of theirs"
      eventually do
        stored["forms"][0].values_at("sheet_mm").first == 4 && stored["forms"][0]["outline"]["at_mm"] == [1, 0]
      end
    end

    it "keeps theirs when asked" do
      network.emulate_network_conditions(offline: true)
      nudge
      expect(page).to have_text("1 change kept here")
      elsewhere(4)
      network.emulate_network_conditions(offline: false)
      click_button "Keep theirs, drop mine"
      expect(page).to have_field("Sheet", with: "4")
      expect(stored["forms"][0]["outline"]["at_mm"]).to eq([0, 0])
      expect(saved(id).version).to eq(2)
    end
  end
end
