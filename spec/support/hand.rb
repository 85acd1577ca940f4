# frozen_string_literal: true

# Building by hand as a maker does: clicks, drags and typing alone, counted by the page itself.
module Hand
  # Pointers pressed since the build was begun, on whatever page: each click, tap and drag is one. Nothing loads the page anew.
  COUNT = <<~JS
    addEventListener("pointerdown", () => window.presses = 1 + (window.presses ?? 0), true);
  JS

  # Begins a build on a bare base.
  def begin_build(title, purpose:, scale: nil, size: {}, shape: nil)
    visit "/new"
    page.execute_script(COUNT)
    fill_in "Title", with: title
    choose("Purpose", purpose)
    typed("Scale", scale) if scale
    choose("Outline", shape) if shape
    size.each { |label, value| typed(label, value) }
    click_button "Begin the build"
    expect(page).to have_css("h1", text: title, wait: 20)
    @id = ServerSpec.store.all.first.id
  end

  def stored = ServerSpec.store.find(@id).file
  def presses = page.evaluate_script("window.presses")
  def stage(name) = within("nav") { click_link(name) }

  # On what is lit; each more: of the course that was just laid.
  def lay(search, name = search)
    fill_in "Lay another course on top", with: search
    find("[role=option]", exact_text: name).click
    expect(page).to have_no_css(".MuiAutocomplete-popper")
  end

  # Something on the plan in a shape, tapped from point to point, mm; the last of a polygon or a strip is followed by Enter.
  def draw(what, shape, *points)
    click_button "All parts" if page.has_button?("All parts", wait: 0)
    start_drawing(what)
    within("[aria-label='Plan tools']") { all("[role=combobox]").last.click }
    find("[role=option]", exact_text: shape).click
    expect(page).to have_no_css(".MuiModal-root")
    points.each { |point| tap(on_plan(*point)) }
    press(:Enter) if ["corner by corner", "strip"].include?(shape)
    expect(page).to have_field("Name")
  end

  # A ready one, which is then lit in the middle of the base.
  def place(list, preset)
    choose(list, preset)
    expect(page).to have_field("Name", with: preset)
  end

  def rename(name) = typed("Name", name)

  # Members that name another part by its id.
  NAMING = %w[id host on of members].freeze

  # A build without what a program calls its parts by: ids are numbered in the order of the file.
  def alike(file)
    sorted = in_order(JSON.parse(JSON.generate(file)))
    names = ids(sorted).uniq.each_with_index.to_h { |id, index| [id, "part #{index + 1}"] }
    renamed(sorted, names)
  end

  def in_order(value)
    case value
    when Hash then value.sort.to_h { |key, one| [key, in_order(one)] }
    when Array then value.map { |one| in_order(one) }
    when Float then value == value.round ? value.round : value
    else value
    end
  end

  def ids(value)
    case value
    when Hash then [value["id"], *value.each_value.flat_map { |one| ids(one) }].compact
    when Array then value.flat_map { |one| ids(one) }
    else []
    end
  end

  def renamed(value, names, key = nil)
    case value
    when Hash then value.to_h { |member, one| [member, renamed(one, names, member)] }
    when Array then value.map { |one| renamed(one, names, key) }
    else NAMING.include?(key) ? names.fetch(value, value) : value
    end
  end
end
