# frozen_string_literal: true

# What a hand types into a field of millimetres, and what becomes of it.
RSpec.describe "Typing exact values", type: :feature do
  let!(:id) { open_build(plain_file(forms: [lift(6, rectangle(40, 30), name: "slab")])) }

  before { click_button "Slab" }

  def sheet = ServerSpec.store.find(id).file["forms"][0]["sheet_mm"]

  def type(text)
    fill_in "Sheet", with: text
    find_field("Sheet").send_keys(:enter)
  end

  { "8" => 8, "8.25" => 8.25, "8,25" => 8.25, " 9 mm " => 9, "1 cm" => 10, "1/2 in" => 12.7, "0.5\"" => 12.7,
    ".75" => 0.75 }.each do |text, value|
    it "takes #{text.inspect} for #{value} mm" do
      type(text)
      eventually { sheet == value }
      expect(page).to have_field("Sheet", with: value.to_s)
    end
  end

  { "thick" => "Type a number of mm", "3 apples" => "apples is no unit of mm",
    "1,219" => "type 1219 or 1.219", "-2" => "0.1 or more", "0" => "0.1 or more",
    "1/0" => "Type a number of mm" }.each do |text, words|
    it "does not take #{text.inspect}, and says why" do
      type(text)
      expect(page).to have_text(words)
      expect(sheet).to eq(6)
      find_field("Sheet").send_keys(:escape)
      expect(page).to have_field("Sheet", with: "6")
    end
  end

  it "steps by the arrow keys" do
    find_field("Sheet").send_keys(:up)
    eventually { sheet == 7 }
  end

  it "keeps what was there when it is emptied and nothing else makes sense" do
    fill_in "Sheet", with: ""
    find_field("Middle, across").click
    expect(page).to have_field("Sheet", with: "6")
    expect(sheet).to eq(6)
  end

  it "never takes a key meant for a field for one meant for the plan" do
    find_field("Sheet").send_keys(:right, :delete, "4")
    find_field("Sheet").send_keys(:enter)
    eventually { sheet == 64 }
    expect(ServerSpec.store.find(id).file["forms"].size).to eq(1)
  end
end
