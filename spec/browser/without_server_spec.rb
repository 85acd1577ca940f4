# frozen_string_literal: true

require_relative "../../torture/server_process"

# The bench, with the server gone: a process of its own that is really stopped.
RSpec.describe "Without the server", type: :feature do
  let(:server) { Torture::ServerProcess.new(ENV.fetch("DATABASE_URL")).start.ready }
  let(:id) { GreenPlinth::Server::Desk.new(ServerSpec.store).create(plain_file(title: "Scree", calendar: { start: "2026-01-01T09:00" })) }

  before { ServerSpec.clear }

  after do
    page.driver.browser.network.clear(:traffic)
    server.kill
  end

  def shell_kept? = page.evaluate_async_script("caches.match('/', { cacheName: 'shell' }).then((kept) => arguments[0](Boolean(kept)))")

  it "opens the bench as it was seen last, takes what happens, and sends it when the server is back" do
    address = "http://127.0.0.1:#{server.port}/builds/#{id}/bench"
    visit(address)
    expect(page).to have_css("[data-begin='plinth/prepare']")
    eventually(15) { shell_kept? }
    server.stop
    visit(address)
    expect(page).to have_css("h1", text: "Scree")
    expect(page).to have_css("[role=status]", text: "Without the server")
    click_button "Begin: Prepare the plinth"
    expect(page).to have_css("section[aria-label='In hand: Prepare the plinth'] [role=timer]")
    expect(ServerSpec.store.events(id)).to be_empty
    server.start.ready
    eventually(20) { ServerSpec.store.events(id).map { |event| event["kind"] } == ["started"] }
    expect(page).to have_css("[role=status]", text: "All is noted", wait: 15)
  end
end
