# frozen_string_literal: true

module Munimen
  module Web
    # What a device says of what it sends later: X-Made-At is its clock (ISO 8601), X-Clock-Offset
    # by how many seconds that clock is behind the server's, as it was measured when there was a
    # line; X-Device which device it is, X-Known how many entries of the visit it knew of from here
    # when it judged this itself.
    module Made
      LONGEST = 60 * 86_400 # s for which a device may have been without a signal
      WRONG = 30 * 86_400 # s by which a clock may be wrong

      module_function

      # Desk::Sent. taken: TakenWrites::Begun of a write that is under way.
      def of(env, taken = nil)
        made = time(env)
        device = env["HTTP_X_DEVICE"].to_s[/\A[\w-]{8,40}\z/]
        known = env["HTTP_X_KNOWN"].to_s[/\A\d{1,6}\z/]&.to_i
        Desk::Sent.new(made:, device:, known: device && known, taken:)
      end

      # Time, or nil where nothing is said or it cannot be.
      def time(env)
        text = env["HTTP_X_MADE_AT"]
        return if text.nil? || text.size > 40

        time = Time.iso8601(text) + offset(env["HTTP_X_CLOCK_OFFSET"])
        time if time > Time.now - LONGEST
      rescue ArgumentError
        nil
      end

      def offset(text)
        seconds = text.to_s.match?(/\A-?\d{1,9}(\.\d{1,3})?\z/) ? text.to_f : 0
        seconds.abs > WRONG ? 0 : seconds
      end
    end
  end
end
