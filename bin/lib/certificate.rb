# frozen_string_literal: true

# The certificate that this machine shows on the local network, made by itself (X.509, P-256). It is signed by a root of this machine's
# own, which a device may be told to trust: then its browser asks no more, and keeps the pages for when the machine is away. The root
# may speak for this machine and for addresses of private networks only (RFC 5280, 4.2.1.10). Kept while it names all addresses and has
# a month to go. Writes its files into a folder and prints the addresses that it is for.
#   ruby bin/lib/certificate.rb FOLDER
require "fileutils"
require "openssl"
require "socket"

MONTH = 30 * 86_400
# No browser takes one for longer (CA/Browser Forum, Baseline Requirements 6.3.2).
LASTS = 397 * 86_400
ROOT_LASTS = 3650 * 86_400
# Private use and link-local (RFC 1918, RFC 3927), and the machine itself.
PRIVATE = %w[10.0.0.0/255.0.0.0 172.16.0.0/255.240.0.0 192.168.0.0/255.255.0.0 169.254.0.0/255.255.0.0 127.0.0.0/255.0.0.0].freeze

# One certificate and its key, in files of a folder.
Pair = Struct.new(:folder, :name) do
  def there? = [certificate_path, key_path].all? { |path| File.exist?(path) }
  def certificate = OpenSSL::X509::Certificate.new(File.read(certificate_path))
  def key = OpenSSL::PKey.read(File.read(key_path))
  def good? = there? && certificate.not_after > Time.now + MONTH
  def certificate_path = File.join(folder, "#{name}.pem")
  def key_path = File.join(folder, name == "root" ? "root-key.pem" : "key.pem")

  # @param signer [Pair, nil] nil: itself
  # @param extensions [Hash{String => Array(String, Boolean)}] value and whether it is critical
  def make(subject, lasts, signer, extensions)
    key = OpenSSL::PKey::EC.generate("prime256v1")
    made = OpenSSL::X509::Certificate.new
    made.version = 2
    made.serial = OpenSSL::BN.rand(127)
    made.subject = OpenSSL::X509::Name.new([["CN", subject]])
    made.issuer = signer ? signer.certificate.subject : made.subject
    made.public_key = key
    made.not_before = Time.now - 3600
    made.not_after = Time.now + lasts
    factory = OpenSSL::X509::ExtensionFactory.new(signer ? signer.certificate : made, made)
    extensions.each { |name, (value, critical)| made.add_extension(factory.create_extension(name, value, critical)) }
    made.sign(signer ? signer.key : key, "SHA256")
    File.write(key_path, key.to_pem, perm: 0o600)
    File.write(certificate_path, made.to_pem)
  end
end

folder = ARGV.fetch(0)
FileUtils.mkdir_p(folder, mode: 0o700)
addresses = Socket.ip_address_list.select { |one| one.ipv4? && !one.ipv4_loopback? }.map(&:ip_address).uniq
abort "This machine is on no network: it has no address but its own." if addresses.empty?

host = Socket.gethostname
root, shown = Pair.new(folder, "root"), Pair.new(folder, "certificate")
fresh = !root.good?
if fresh
  # A public address stands by itself.
  ranges = (PRIVATE + addresses.map { |address| "#{address}/255.255.255.255" }).map { |range| "permitted;IP:#{range}" }
  names = ["permitted;DNS:localhost", "permitted;DNS:#{host}", *ranges].join(",")
  root.make("Green Plinth, root of #{host}", ROOT_LASTS, nil,
    { "basicConstraints" => ["CA:TRUE,pathlen:0", true], "keyUsage" => ["keyCertSign", true], "nameConstraints" => [names, true] })
end

named = shown.there? && shown.certificate.extensions.find { |one| one.oid == "subjectAltName" }&.value
unless !fresh && shown.good? && shown.certificate.verify(root.certificate.public_key) &&
       addresses.all? { |address| named.to_s.include?("IP Address:#{address}") }
  names = ["DNS:localhost", "DNS:#{host}", "IP:127.0.0.1", *addresses.map { |address| "IP:#{address}" }].join(",")
  shown.make("Green Plinth on #{host}", LASTS, root,
    { "basicConstraints" => ["CA:FALSE", true], "keyUsage" => ["digitalSignature", true], "extendedKeyUsage" => ["serverAuth", false],
      "subjectAltName" => [names, false] })
end
puts addresses
