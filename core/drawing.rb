# frozen_string_literal: true

module Munimen
  # Drawings of a heater as data: shapes in a small coordinate system, each with the part it belongs to
  # and a role that says what it is made of. The screen and the PDF draw the same shapes.
  #
  # A shape is a Hash: {t: :path, d:, part:, role:}, {t: :rect, x:, y:, w:, h:, r:, …},
  # {t: :line, x1:, y1:, x2:, y2:, …}, {t: :circle, x:, y:, r:, …} or {t: :text, x:, y:, text:, size:, anchor:, …}.
  module Drawing
  end
end
