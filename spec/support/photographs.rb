# frozen_string_literal: true

# The smallest pictures that a reader of headers takes for one, with a camera's data in them.
module Photographs
  module_function

  def jpeg(wide: 64, high: 48)
    exif = "Exif\0\0GPS 51.5N 0.1W".b
    [
      "\xFF\xD8".b,
      "\xFF\xE1".b,
      [exif.bytesize + 2].pack("n"),
      exif,
      "\xFF\xFE\0\x06note".b,
      "\xFF\xC0\0\x0B\x08".b,
      [high, wide].pack("nn"),
      "\x01\x01\x11\0".b,
      "\xFF\xDA\0\x08\x01\x01\0\0\x3F\0".b,
      "scan\xFF\x00\xFF\xD0".b,
      "\xFF\xE1".b, # between two scans, and after the picture a second one
      [exif.bytesize + 2].pack("n"),
      exif,
      "\xFF\xDA\0\x08\x01\x01\0\0\x3F\0".b,
      "scan".b,
      "\xFF\xD9".b,
      "\xFF\xD8\xFF\xE1".b,
      [exif.bytesize + 2].pack("n"),
      exif,
      "\xFF\xD9".b
    ].join
  end

  def png(wide: 64, high: 48)
    chunk = ->(type, data) { "#{[data.bytesize].pack("N")}#{type}#{data}crc!".b }
    header = "#{[wide, high].pack("NN")}\x08\x02\0\0\0".b
    [
      "\x89PNG\r\n\x1A\n".b,
      chunk["IHDR", header],
      chunk["eXIf", "GPS 51.5N"],
      chunk["tEXt", "Author\0me"],
      chunk["IDAT", "pixels"],
      chunk["IEND", ""]
    ].join
  end
end
