# frozen_string_literal: true

# From the hand to the screen, in a real browser over the real server: a subject nudged by the keyboard and pulled by the mouse, the
# time from the key to what follows of it drawn, tasks that hold the page up, and the longest pause between two frames while pulling.
# It clears the database that it is given: give it the one of the specs.
#   DATABASE_URL=… ruby -rbundler/setup bench/screens.rb [NAME…]      names of samples, or large
require "json"
require "sequel"
require "ferrum"
require_relative "large"
require_relative "../torture/client"
require_relative "../torture/server_process"

url = ENV.fetch("DATABASE_URL")
abort("#{url} is no database of the specs") unless url.end_with?("_test")
SAMPLES = File.expand_path("../samples", __dir__)
ROUNDS = 30
# Long enough ago for the page to have come to rest, seconds.
REST = 0.4

# Times are taken in the page: from the key to the first frame after the answer was drawn; tasks over 50 ms (W3C Long Tasks).
WATCHING = <<~JS
  window.seen = { edits: [], tasks: [], frames: [] };
  let pressed = 0, frame = performance.now();
  addEventListener("keydown", () => (pressed = performance.now()), true);
  new MutationObserver(() => {
    const from = pressed;
    requestAnimationFrame(() => setTimeout(() => window.seen.edits.push(performance.now() - from)));
  }).observe(document.body, { subtree: true, attributes: true, attributeFilter: ["data-latency"] });
  new PerformanceObserver((list) => list.getEntries().forEach((one) => window.seen.tasks.push(one.duration))).observe({ type: "longtask" });
  const tick = (now) => { window.seen.frames.push(now - frame); frame = now; requestAnimationFrame(tick); };
  requestAnimationFrame(tick);
JS
AFRESH = "window.seen.tasks.length = 0; window.seen.frames.length = 0"

def p95(times) = times.sort[(times.size * 95 / 100).clamp(0, times.size - 1)]
def median(times) = times.sort[times.size / 2]

def until_true(seconds = 20)
  ends = Process.clock_gettime(Process::CLOCK_MONOTONIC) + seconds
  sleep(0.01) until (found = yield) || Process.clock_gettime(Process::CLOCK_MONOTONIC) > ends
  found or abort("the page does not come to rest")
end

# Presses the button of a part.
PRESSED = <<~JS
  (() => {
    const button = [...document.querySelectorAll("button")].find((one) => one.textContent.trim().toLowerCase().startsWith(%s));
    button?.click();
    return Boolean(button);
  })()
JS

# Where a place on the plan, mm, is on the screen.
PLACE = <<~JS
  (() => {
    const m = document.querySelector("section[aria-label='Plan'] svg g[transform]").getScreenCTM();
    return [m.a * %<x>f + m.c * %<y>f + m.e, m.b * %<x>f + m.d * %<y>f + m.f];
  })()
JS

# A subject to and fro over the plan, and back to where it was.
def pull(browser, place)
  x, y = browser.evaluate(format(PLACE, x: place[0], y: place[1]))
  browser.execute(AFRESH)
  browser.mouse.move(x: x, y: y).down
  (0..60).each { |step| browser.mouse.move(x: x + (30 * Math.sin(step * Math::PI / 15)), y: y) }
  browser.mouse.up
  sleep(REST)
  browser.evaluate("window.seen")
end

server = Torture::ServerProcess.new(url, worker: true)
at_exit { server.kill }
server.start.ready
client = Torture::Client.new(server.port)
browser = Ferrum::Browser.new(window_size: [1280, 800], timeout: 30, process_timeout: 30,
  browser_options: { "no-sandbox" => nil, "disable-gpu" => nil })
printf("%-14s %-22s %9s %9s   %s\n", "", "", "median", "p95", "longest task, longest pause between frames")
(ARGV.empty? ? %w[lineside-set peat-bank large] : ARGV).each do |name|
  file = name == "large" ? large : JSON.parse(File.read(File.join(SAMPLES, "#{name}.json")))
  id = client.post("/api/builds", file).json["id"]
  browser.go_to("http://127.0.0.1:#{server.port}/builds/#{id}/compose")
  subject = file["subjects"][0].then { |one| one["name"] || one["id"] }
  until_true { browser.evaluate("document.querySelector('[role=status]')?.textContent") == "Saved" }
  until_true { browser.evaluate(format(PRESSED, JSON.generate(subject.downcase))) }
  sleep(REST)
  browser.evaluate_async("#{WATCHING}; arguments[0]()", 5)
  times = Array.new(ROUNDS) do |round|
    browser.execute(AFRESH) if round.zero?
    browser.keyboard.type(round.even? ? :Right : :Left)
    until_true { browser.evaluate("window.seen.edits.length") > round }
    browser.evaluate("window.seen.edits[#{round}]")
  end
  seen = browser.evaluate("window.seen")
  printf("%-14s %-22s %7.0fms %7.0fms   %.0f ms\n", name, "nudged to drawn", median(times), p95(times), seen["tasks"].max || 0)
  pulled = pull(browser, file["subjects"][0]["at_mm"])
  printf("%-14s %-22s %9s %9s   %.0f ms, %.0f ms\n", name, "pulled over the plan", "", "", pulled["tasks"].max || 0,
    pulled["frames"].max)
ensure
  client.delete("/api/builds/#{id}") if id
end
browser.quit
