# frozen_string_literal: true

module Munimen
  module Desk
    module TableKinds
      # A table that only goes out: what it tells comes about in visits.
      class Out < Kind
        def open!
          raise Refused.new(Message.of("“{title}” only goes out: it comes about in visits.",
                                       title: self.class::TITLE),
                            code: :only_out)
        end
      end
    end
  end
end
