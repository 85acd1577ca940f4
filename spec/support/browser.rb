# frozen_string_literal: true

# What is clicked has stood still for so long, s: a busy machine draws no frame in less, and what moves looks as if it stood.
ENV["FERRUM_NODE_MOVING_WAIT"] ||= "0.05"
require "capybara/rspec"
require "capybara/cuprite"
require "rspec/retry"
require "axe/core"

# The real interface in a real browser over the real application. Any error in the browser's console fails the spec.
module Browser
  FLAGS = %w[no-sandbox disable-gpu disable-quic no-first-run disable-background-networking disable-component-update
    disable-sync force-prefers-reduced-motion].to_h { |flag| [flag, nil] }
    # A page that was left is gone: kept for the way back, it would hold on to its database while that is cleared.
    .merge("disable-features" => %w[site-per-process IsolateOrigins TranslateUI Translate MacAppCodeSignClone OptimizationHints
      AcceptCHFrame InterestFeedContentSuggestion MediaRouter BackForwardCache].join(",")).freeze

  # Reads the browser's protocol for what the console would show in red.
  class Console
    attr_reader :errors

    def initialize = @errors = []

    # Requests that are refused on purpose are logged by the browser as failed resources.
    def puts(line)
      return unless line.include?('"Log.entryAdded"') || line.include?('"Runtime.consoleAPICalled"') ||
        line.include?('"Runtime.exceptionThrown"')

      @errors << line[0,
        600] if line.match?(/"level":"error"|"type":"error"|exceptionThrown/) &&
          !line.match?(/Failed to load resource|ERR_INTERNET_DISCONNECTED/)
    end
  end

  CONSOLE = Console.new

  # A millimetre of the plan as a place on the screen, from the view's own drawing.
  def on_plan(x, y)
    page.evaluate_script(<<~JS)
      (() => {
        const svg = document.querySelector('section[aria-label="Plan"] svg');
        const m = svg.querySelector('g[transform]').getScreenCTM();
        return [m.a * #{x} + m.c * #{y} + m.e, m.b * #{x} + m.d * #{y} + m.f];
      })()
    JS
  end

  def mouse = page.driver.browser.mouse

  def drag(from, to)
    mouse.move(x: from[0], y: from[1])
    mouse.down
    mouse.move(x: (from[0] + to[0]) / 2, y: (from[1] + to[1]) / 2)
    mouse.move(x: to[0], y: to[1])
    mouse.up
  end

  def tap(point) = drag(point, point)
  def press(*keys) = page.driver.browser.keyboard.type(*keys)

  # One of a list that drops down, or of one that is searched while it is typed.
  def choose(label, option, **more)
    take(option) { drop_down(label, option, **more) }
  end

  # Of a list that the block opens. On a busy machine the list is now and then drawn anew under the click, which is lost: whoever sees
  # no list clicks again.
  def take(option)
    3.times do
      yield unless page.has_css?("[role=listbox]", wait: 0)
      break if page.has_css?("[role=option]", exact_text: option, wait: 7)
    end
    find("[role=option]", exact_text: option, match: :first).click
    expect(page).to have_no_css(".MuiModal-root, .MuiAutocomplete-popper")
  end

  def drop_down(label, option, **more)
    return fill_in(label, with: option, **more) if page.has_field?(label, wait: 2, **more) && find_field(label, **more)[:role] == "combobox"

    find("[role=combobox][aria-labelledby]", **more) { |one| named?(one, label) }.click
  end

  # Begins to draw something on the plan, in the shape that it has or in another one.
  def start_drawing(what, shape = nil)
    take(what) { find("[role=combobox]", text: "Draw…").click }
    take(shape) { find("[role=combobox]", text: "corner by corner").click } if shape
  end

  # Whether an element goes by a label.
  def named?(element, label)
    page.evaluate_script(<<~JS, element, label)
      arguments[0].getAttribute("aria-labelledby").split(" ").some((id) => document.getElementById(id)?.textContent === arguments[1])
    JS
  end

  def typed(label, value, **more)
    fill_in(label, with: value, **more).send_keys(:enter)
  end

  AXE = File.read(Dir[File.join(Gem.loaded_specs["axe-core-api"].full_gem_path, "**/axe.min.js")].first)

  # What stands in somebody's way on this page, by axe's rules for WCAG 2.2 A and AA.
  # @return [Array<String>] each with the places it was found
  def barriers
    page.driver.browser.evaluate("(() => { #{AXE}; return true; })()")
    found = page.driver.browser.evaluate_async(
      "axe.run(document, { runOnly: ['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'] }).then((result) => arguments[0](result.violations))", 30)
    found.map { |one| "#{one["id"]}: #{one["nodes"].map { |node| node["html"][0, 160] }.first(4).join(" | ")}" }
  end

  # The build in the database, once the page says that it is saved.
  def saved(id)
    expect(page).to have_css("[role=status]", text: /\ASaved\z/, wait: 30)
    ServerSpec.store.find(id)
  end

  # Until a block is true; the page answers within a moment.
  def eventually(seconds = 20)
    limit = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
    until (value = yield)
      raise "it did not come about within #{seconds} s" if Process.clock_gettime(Process::CLOCK_MONOTONIC) > limit

      sleep 0.05
    end
    value
  end

  def open_build(file, stage = "build-up")
    id = GreenPlinth::Server::Desk.new(ServerSpec.store).create(JSON.parse(JSON.generate(file)))
    visit "/builds/#{id}/#{stage}"
    expect(page).to have_css("[role=status]", text: "Saved", wait: 40)
    id
  end
end

# Between examples everything that the application may have stored goes, with its further tabs; what the browser has fetched and
# compiled of it stays, so that a page opens in half the time.
class LastingBrowser < Capybara::Cuprite::Driver
  # A page of the application that runs nothing of it.
  STILL = "/api/session"
  STORED = %w[cookies local_storage indexeddb cache_storage service_workers].freeze

  def reset!
    return super unless @started && @browser && (url = browser.page.current_url).start_with?("http")

    at = URI(url)
    origin = "#{at.scheme}://#{at.host}:#{at.port}"
    (browser.contexts.default_context.pages - [browser.page]).each(&:close)
    browser.network.emulate_network_conditions(offline: false)
    browser.goto("#{origin}#{STILL}")
    browser.execute("sessionStorage.clear()")
    browser.page.command("Storage.clearDataForOrigin", origin: origin, storageTypes: STORED.join(","))
    browser.goto("about:blank")
    browser.resize(width: 1280, height: 800)
  rescue Ferrum::Error
    super
  end
end

Capybara.register_driver(:bench) do |app|
  LastingBrowser.new(app, window_size: [1280, 800], process_timeout: 60, timeout: 40, js_errors: true,
    browser_options: Browser::FLAGS.dup, logger: Browser::CONSOLE)
end
Capybara.default_driver = :bench
Capybara.javascript_driver = :bench
# Several processes run specs beside each other: what takes long is waited for.
Capybara.default_max_wait_time = 20
Capybara.enable_aria_label = true
Capybara.server = :puma, { Silent: true, Threads: "4:24" }

RSpec.configure do |config|
  config.include Browser, type: :feature
  # Two processes, two browsers and a database share a small machine: a click may come late. What fails a second time fails. A first
  # failure is printed: an example that needs its second try again and again has a defect, or the page has.
  config.verbose_retry = true
  config.display_try_failure_messages = true
  config.backtrace_exclusion_patterns << /rspec-retry/
  again = ->(example) { example[:retry] = ENV["ONCE"] ? 1 : 2 }
  config.define_derived_metadata(type: :feature, &again)
  # So may servers and devices that an example begins as processes of their own.
  config.define_derived_metadata(file_path: %r{/spec/(torture/|devices/|server/(commands|streams|outage)_spec)}, &again)
  config.before(:each, type: :feature) do
    Capybara.app ||= ServerSpec.app
    ServerSpec.clear
    Browser::CONSOLE.errors.clear
  end
  config.after(:each, type: :feature) do
    page.execute_script("localStorage.clear()") unless page.current_url.start_with?("about")
    expect(Browser::CONSOLE.errors).to be_empty
  end
end
