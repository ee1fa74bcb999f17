# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # A table that only goes out: what it tells comes about in visits.
      class Out < Kind
        def open!
          raise Refused.new("“#{self.class::TITLE}” only goes out: it comes about in visits.",
                            code: :only_out)
        end
      end
    end
  end
end
