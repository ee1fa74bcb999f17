# frozen_string_literal: true

module Munimen
  module Formats
    # A customer as a vCard 4.0 (RFC 6350), with the addresses of the sites. Written here: no
    # library that is kept up escapes what people type.
    module VcardText
      WIDTH = 75 # octets of a line, after which it is folded

      module_function

      # customer: {id:, name:, phone:, email:, note:}; addresses: [text].
      def render(customer, addresses)
        lines = [
          "BEGIN:VCARD",
          "VERSION:4.0",
          "UID:urn:uuid:#{customer[:id]}",
          "FN:#{escape(customer[:name])}",
          ("TEL;VALUE=text:#{escape(customer[:phone])}" if customer[:phone]),
          ("EMAIL:#{escape(customer[:email])}" if customer[:email]),
          *addresses.map { |address| "ADR:;;#{escape(address)};;;;" },
          ("NOTE:#{escape(customer[:note])}" if customer[:note]),
          "END:VCARD"
        ]
        lines.compact.map { |line| "#{fold(line)}\r\n" }.join
      end

      def escape(text)
        text.to_s.gsub("\\") { "\\\\" }.gsub(/[;,]/) { |sign| "\\#{sign}" }.gsub(/\r\n?|\n/, "\\n")
      end

      # Never within a character.
      def fold(line)
        line.each_char.with_object([+""]) do |char, parts|
          parts << +" " if parts.last.bytesize + char.bytesize > WIDTH
          parts.last << char
        end.join("\r\n")
      end
    end
  end
end
