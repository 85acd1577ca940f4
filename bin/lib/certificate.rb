# frozen_string_literal: true

# The certificate that this machine shows on the local network, made by itself (X.509, P-256): kept while it names all addresses and
# has a month to go. Writes its files into a folder and prints the addresses that it is for.
#   ruby bin/lib/certificate.rb FOLDER
require "fileutils"
require "openssl"
require "socket"

MONTH = 30 * 86_400
# No browser takes one for longer (CA/Browser Forum, Baseline Requirements 6.3.2).
LASTS = 397 * 86_400

folder = ARGV.fetch(0)
FileUtils.mkdir_p(folder, mode: 0o700)
certificate_path, key_path = %w[certificate.pem key.pem].map { |name| File.join(folder, name) }
addresses = Socket.ip_address_list.select { |one| one.ipv4? && !one.ipv4_loopback? }.map(&:ip_address).uniq
abort "This machine is on no network: it has no address but its own." if addresses.empty?

names = ["DNS:localhost", "DNS:#{Socket.gethostname}", "IP:127.0.0.1", *addresses.map { |address| "IP:#{address}" }].join(",")
kept = File.exist?(certificate_path) && File.exist?(key_path) && OpenSSL::X509::Certificate.new(File.read(certificate_path))
good = kept && kept.not_after > Time.now + MONTH &&
       (named = kept.extensions.find { |one| one.oid == "subjectAltName" }&.value) &&
       addresses.all? { |address| named.include?("IP Address:#{address}") }

unless good
  key = OpenSSL::PKey::EC.generate("prime256v1")
  certificate = OpenSSL::X509::Certificate.new
  certificate.version = 2
  certificate.serial = OpenSSL::BN.rand(127)
  certificate.subject = certificate.issuer = OpenSSL::X509::Name.new([["CN", "Green Plinth on #{Socket.gethostname}"]])
  certificate.public_key = key
  certificate.not_before = Time.now - 3600
  certificate.not_after = Time.now + LASTS
  made = OpenSSL::X509::ExtensionFactory.new(certificate, certificate)
  { "basicConstraints" => ["CA:FALSE", true], "keyUsage" => ["digitalSignature", true], "extendedKeyUsage" => ["serverAuth", false],
    "subjectAltName" => [names, false] }
    .each { |name, (value, critical)| certificate.add_extension(made.create_extension(name, value, critical)) }
  certificate.sign(key, "SHA256")
  File.write(key_path, key.to_pem, perm: 0o600)
  File.write(certificate_path, certificate.to_pem)
end
puts addresses
