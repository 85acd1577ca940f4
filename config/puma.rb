# frozen_string_literal: true

# How the application is served: bin/start gives the address by GREEN_PLINTH_BIND and PORT.
require_relative "../server/lib/green_plinth/server/own_buffer"

Puma::Server.prepend(GreenPlinth::Server::OwnBuffer)
threads 4, 24
# By itself one process serves one maker best: what it has computed is remembered by each process for itself. More of them share one
# address (docs/several-servers.md), and what was loaded before they were forked.
processes = Integer(ENV.fetch("WEB_CONCURRENCY", "0"))
workers processes
preload_app!
before_fork { GreenPlinth::Catalogue.default && GC.start } if processes.positive?
wait_for_less_busy_worker 0.005
environment "production"
silence_single_worker_warning
quiet

# Nothing larger is read, let alone written to disk: an export of everything is the largest that there is.
http_content_length_limit 100_000_000
first_data_timeout 10

# Within seconds of being asked to stop: what is computed then is given up, and pages ask again.
force_shutdown_after 1

# What cannot be read as HTTP, or is too large to be read at all.
lowlevel_error_handler do |error, _env, status|
  # What its own reader stumbles over is no HTTP.
  unread = error.backtrace&.first.to_s.include?("/puma/")
  status = status.to_i.between?(400, 499) ? status.to_i : (unread ? 400 : 500)
  title = { 400 => "Not HTTP", 413 => "Too large" }.fetch(status, "Something broke here")
  detail = status == 500 ? "What was sent was not taken. The server's log says more." : "What was sent was not read."
  warn "#{error.class}: #{error.message.to_s[0, 200].inspect}" if status == 500
  body = %({"type":"about:blank","title":"#{title}","status":#{status},"detail":"#{detail}"})
  [status, { "content-type" => "application/problem+json", "x-content-type-options" => "nosniff",
             "referrer-policy" => "same-origin", "cross-origin-resource-policy" => "same-origin" }, [body]]
end
