# frozen_string_literal: true

module Munimen
  module Desk
    # An error as the contract's problem document (RFC 9457): the same on the server and in a
    # browser without a signal.
    module Problem
      STATUS = { busy: 503, disk_full: 503, not_found: 404, forbidden: 403, not_signed_in: 401,
                 bad_token: 403, fresh_sign_in: 403, second_factor_wanted: 403 }.freeze

      module_function

      # [status, JSON] of an Error. language: in which whoever made it reads.
      def of(error, language = nil)
        details = error.respond_to?(:details) ? error.details : {}
        status = STATUS.fetch(error.code) { error.is_a?(Refused) ? 409 : 422 }
        [
          status,
          document(
            status,
            Spoken.say(error.message, language),
            code: error.code.to_s,
            field: error.field,
            details: Spoken.answer(details, language)
          )
        ]
      end

      def document(status, title, code:, field: nil, details: {})
        JSON.generate({ type: "about:blank", title:, status:, code:, field:, details: })
      end
    end
  end
end
