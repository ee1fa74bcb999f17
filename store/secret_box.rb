# frozen_string_literal: true

require "openssl"

module Munimen
  module Store
    # Small secrets, such as the mail server's password, sealed with the installation's own secret,
    # which is not in the database: AES-256-GCM (NIST SP 800-38D), its key by HKDF (RFC 5869).
    #
    #   box = SecretBox.new(secret)
    #   box.open(box.seal("letter by letter")) # => "letter by letter"
    class SecretBox
      MARK = "sealed:"
      NONCE = 12 # bytes
      TAG = 16   # bytes

      # secrets: the installation's secret, and those before it that may still open.
      def initialize(*secrets)
        @keys = secrets.compact.map do |secret|
          OpenSSL::KDF.hkdf(secret, salt: "munimen", info: "secret box", length: 32, hash: "SHA256")
        end
      end

      def sealed?(text) = text.to_s.start_with?(MARK)

      def seal(text)
        cipher = OpenSSL::Cipher.new("aes-256-gcm").encrypt
        cipher.key = @keys.first
        nonce = cipher.random_iv
        body = cipher.update(text.to_s.b) + cipher.final
        MARK + [nonce + body + cipher.auth_tag].pack("m0")
      end

      # The text, or nil where no secret opens it; what was never sealed comes back as it is.
      def open(text)
        return text unless sealed?(text)

        bytes = text.delete_prefix(MARK).unpack1("m0")
        @keys.each do |key|
          return unsealed(key, bytes)
        rescue OpenSSL::Cipher::CipherError
          next
        end
        nil
      end

      private

      def unsealed(key, bytes)
        cipher = OpenSSL::Cipher.new("aes-256-gcm").decrypt
        cipher.key = key
        cipher.iv = bytes[0, NONCE]
        cipher.auth_tag = bytes[-TAG..]
        body = bytes[NONCE...-TAG].to_s
        ((body.empty? ? "" : cipher.update(body)) + cipher.final).force_encoding(Encoding::UTF_8)
      end
    end
  end
end
