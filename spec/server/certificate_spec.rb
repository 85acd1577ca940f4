# frozen_string_literal: true

require "open3"
require "openssl"
require "tmpdir"

RSpec.describe "The certificate for the local network" do
  def make(folder)
    told, error, status = Open3.capture3("ruby", File.join(Specimens::ROOT, "bin/lib/certificate.rb"), folder)
    skip "this machine is on no network" if error.include?("on no network")
    expect(status).to be_success, error
    told.split
  end

  def read(folder, name) = OpenSSL::X509::Certificate.new(File.read(File.join(folder, name)))

  it "is one that a browser takes where it trusts this machine's root, for the addresses that it is at, and kept" do
    Dir.mktmpdir do |folder|
      addresses = make(folder)
      shown, root = read(folder, "certificate.pem"), read(folder, "root.pem")
      trusting = OpenSSL::X509::Store.new.tap { |store| store.add_cert(root) }
      expect(trusting.verify(shown)).to be(true)
      expect(addresses).to all(satisfy { |address| OpenSSL::SSL.verify_certificate_identity(shown, address) })
      expect(OpenSSL::X509::Store.new.verify(shown)).to be(false)
      expect(%w[key.pem root-key.pem].map { |name| File.stat(File.join(folder, name)).mode & 0o777 }).to eq([0o600, 0o600])
      make(folder)
      expect(read(folder, "certificate.pem").serial).to eq(shown.serial)
    end
  end

  it "has a root that may speak for nothing beyond private networks" do
    Dir.mktmpdir do |folder|
      make(folder)
      root, key = read(folder, "root.pem"), OpenSSL::PKey.read(File.read(File.join(folder, "root-key.pem")))
      elsewhere = OpenSSL::X509::Certificate.new
      elsewhere.version, elsewhere.serial = 2, 1
      elsewhere.subject, elsewhere.issuer = OpenSSL::X509::Name.new([["CN", "elsewhere"]]), root.subject
      elsewhere.public_key = key
      elsewhere.not_before, elsewhere.not_after = Time.now - 60, Time.now + 3600
      elsewhere.add_extension(OpenSSL::X509::ExtensionFactory.new(root, elsewhere).create_extension("subjectAltName", "DNS:shop.example"))
      elsewhere.sign(key, "SHA256")
      store = OpenSSL::X509::Store.new.tap { |one| one.add_cert(root) }
      expect(store.verify(elsewhere)).to be(false)
      expect(store.error_string).to match(/permitted subtree/)
    end
  end
end
