# frozen_string_literal: true

require "io/wait"
require "json"
require "net/http"
require "socket"

module Torture
  # One browser's side of the talk: a session and its token, kept connections, and every answer with the time that it took.
  class Client
    Answer = Struct.new(:status, :body, :seconds, :headers) do
      def json = JSON.parse(body)
      def ok? = status.between?(200, 299)
    end
    # No answer at all: the connection was refused or cut, or nothing came in time.
    LOST = [SystemCallError, IOError, Timeout::Error, Net::HTTPBadResponse, Net::ProtocolError].freeze
    PATIENCE = 60
    # Within so many seconds an answer is to be there.
    SOON = 5

    attr_reader :port
    # @return [Exception, nil] why the last answer did not come
    attr_reader :lost

    def initialize(port)
      @port = port
    end

    # @return [Answer, nil] nil where none came
    def get(path) = send_it(Net::HTTP::Get, path)
    def post(path, data = {}) = send_it(Net::HTTP::Post, path, data)
    def patch(path, data) = send_it(Net::HTTP::Patch, path, data)
    def put(path, data) = send_it(Net::HTTP::Put, path, data)
    def delete(path) = send_it(Net::HTTP::Delete, path)

    # Whatever bytes, as they are.
    # @return [Answer, nil] nil where the server says nothing before it hangs up
    def raw(bytes)
      began = now
      Socket.tcp("127.0.0.1", port, connect_timeout: 2) do |socket|
        socket.write(bytes)
        text = heard(socket)
        status = text[%r{\AHTTP/1\.\d (\d{3})}, 1]
        status && Answer.new(status.to_i, text.split("\r\n\r\n", 2).last.to_s, now - began, {})
      end
    rescue *LOST
      nil
    end

    # Begins anew, as after a restart of the server.
    def forget
      @http&.finish if @http&.started?
      @http = @token = @cookie = nil
    rescue IOError
      @http = nil
    end

    def headers = { "Cookie" => cookie, "X-CSRF-Token" => token, "Content-Type" => "application/json" }

    private

    # All that comes until it is silent for a moment.
    def heard(socket)
      text = +""
      while socket.wait_readable(text.empty? ? PATIENCE : 0.3)
        part = socket.read_nonblock(65_536, exception: false)
        return text if part.nil?

        text << part if part.is_a?(String)
      end
      text
    end

    def send_it(kind, path, data = nil)
      request = kind.new(path, headers)
      request.body = data.is_a?(String) ? data : JSON.generate(data) if data
      began = now
      response = http.request(request)
      Answer.new(response.code.to_i, response.body.to_s, now - began, response.to_hash)
    rescue *LOST => e
      @lost = e
      forget
      nil
    end

    def token
      log_in unless @token
      @token
    end

    def cookie
      log_in unless @cookie
      @cookie
    end

    def log_in
      response = http.get("/api/session")
      @cookie = response["set-cookie"].to_s.split(";").first || @cookie
      @token = JSON.parse(response.body)["csrf_token"]
    rescue JSON::ParserError
      raise IOError, "no session"
    end

    def http = @http ||= Net::HTTP.start("127.0.0.1", port, open_timeout: 2, read_timeout: PATIENCE, max_retries: 0)
    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  end
end
