# frozen_string_literal: true

require "openssl"

module Munimen
  module Formats
    # Files that are encrypted with a passphrase in the age format (age-encryption.org/v1, the
    # scrypt recipient), so that the tools of that format open them, too: the passphrase by scrypt
    # (RFC 7914), the body by ChaCha20-Poly1305 (RFC 8439) in parts of 64 KiB.
    #
    #   AgeFile.encrypt("backup.zip", "backup.zip.age", passphrase)
    #   AgeFile.decrypt("backup.zip.age", "backup.zip", passphrase)
    module AgeFile
      INTRO = "age-encryption.org/v1\n"
      PART = 64 * 1024 # bytes
      TAG = 16         # bytes
      WORK = 15        # log2 of scrypt's N for new files: 32 MB, a quarter of a second
      MOST_WORK = 20   # log2 of the most that is read: 1 GB
      LEAST = 12       # characters of a passphrase

      module_function

      # Whether a file says that it is one.
      def encrypted?(path) = File.binread(path, INTRO.size) == INTRO

      # Raises Error where the passphrase is too short.
      def passphrase!(text)
        return text if text.to_s.size >= LEAST

        raise Error.new(
          Message.of("passphrase must have at least {least} characters.",
                     least: LEAST), field: :passphrase, code: :too_short
        )
      end

      def encrypt(from, to, passphrase, work: WORK)
        key = OpenSSL::Random.random_bytes(16)
        salt = OpenSSL::Random.random_bytes(16)
        wrapped = seal(stretch(passphrase!(passphrase), salt, work), "\0" * 12, key)
        header = "#{INTRO}-> scrypt #{base64(salt)} #{work}\n#{base64(wrapped)}\n---"
        nonce = OpenSSL::Random.random_bytes(16)
        File.open(to, "wb", 0o600) do |out|
          out.write("#{header} #{base64(mac(key, header))}\n", nonce)
          body = derive(key, nonce, "payload")
          each_part(from, PART) do |part, number, last|
            out.write(seal(body, counter(number, last), part))
          end
        end
      end

      # Raises Error on a wrong passphrase, and on a file that is damaged or cut off.
      def decrypt(from, to, passphrase)
        File.open(from, "rb") do |input|
          key = file_key(input, passphrase)
          body = derive(key, input.read(16).to_s, "payload")
          File.open(to, "wb", 0o600) do |out|
            parts(input, PART + TAG) do |part, number, last|
              out.write(unseal(body, counter(number, last), part) || damaged!)
            end
          end
        end
      end

      # -- inside --------------------

      # The key of the file from its header.
      def file_key(input, passphrase)
        lines = Array.new(4) { input.gets("\n", 200).to_s }
        damaged! unless lines[0] == INTRO && lines[3].start_with?("--- ")
        kind, salt, work = lines[1].delete_prefix("-> ").split
        damaged! unless kind == "scrypt" && work.to_i.between?(1, MOST_WORK)
        stretched = stretch(passphrase.to_s, unbase64(salt), work.to_i)
        key = unseal(stretched, "\0" * 12, unbase64(lines[2])) or
          raise Error.new("The passphrase is wrong.", field: :passphrase, code: :wrong_passphrase)
        right = OpenSSL.fixed_length_secure_compare(
          mac(key, "#{lines[0..2].join}---"), unbase64(lines[3].delete_prefix("--- "))
        )
        right ? key : damaged!
      end

      def stretch(passphrase, salt, work)
        OpenSSL::KDF.scrypt(
          passphrase, salt: "age-encryption.org/v1/scrypt#{salt}".b, N: 2**work, r: 8, p: 1,
                      length: 32
        )
      end

      def derive(key, salt, info, length: 32)
        OpenSSL::KDF.hkdf(key, salt:, info:, length:, hash: "SHA256")
      end

      def mac(key, header) = OpenSSL::HMAC.digest("SHA256", derive(key, "", "header"), header)

      # 11 bytes that count the parts, and one that marks the last.
      def counter(number, last) = ("\0" * 7) + [number, last ? 1 : 0].pack("NC")

      def seal(key, nonce, text)
        cipher = OpenSSL::Cipher.new("chacha20-poly1305").encrypt
        cipher.key = key
        cipher.iv = nonce
        (text.empty? ? "" : cipher.update(text)) + cipher.final + cipher.auth_tag
      end

      # The text, or nil where it is not what was sealed with this key.
      def unseal(key, nonce, bytes)
        return if bytes.bytesize < TAG

        cipher = OpenSSL::Cipher.new("chacha20-poly1305").decrypt
        cipher.key = key
        cipher.iv = nonce
        cipher.auth_tag = bytes[-TAG..]
        text = bytes[0...-TAG]
        (text.empty? ? "" : cipher.update(text)) + cipher.final
      rescue OpenSSL::Cipher::CipherError
        nil
      end

      def each_part(path, size, &) = File.open(path, "rb") { |input| parts(input, size, &) }

      # Yields each part, its number and whether it is the last; an empty file has one empty part.
      def parts(input, size)
        number = 0
        part = input.read(size).to_s
        loop do
          following = input.read(size)
          yield part, number, following.nil?
          break unless following

          part = following
          number += 1
        end
      end

      def base64(bytes) = [bytes].pack("m0").delete("=")
      def unbase64(text) = text.to_s.strip.unpack1("m")

      def damaged!
        raise Error.new(
          "This file is damaged, or no age file with a passphrase.", field: :file, code: :damaged
        )
      end
      private_class_method :file_key, :stretch, :derive, :mac, :counter, :seal, :unseal,
                           :each_part, :parts, :base64, :unbase64, :damaged!
    end
  end
end
