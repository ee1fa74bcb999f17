# frozen_string_literal: true

module Munimen
  # Parts to fit, matched by specification. A kind of part is one file in core/parts/kinds/.
  module Parts
  end
end
