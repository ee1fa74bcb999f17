# frozen_string_literal: true

require "securerandom"

module Munimen
  module Desk
    # Who does something, when, and where it is kept. Every use case takes one.
    class Context
      attr_reader :records, :person, :training_runs, :sent

      # person: account row; clock: callable that gives a Time; sent: Sent, where it comes from a
      # device; training_runs: TrainingRuns, for whom there are any.
      def initialize(records, person:, clock: -> { Time.now }, sent: nil, training_runs: nil)
        @training_runs = training_runs
        @records = records
        @person = person
        @clock = clock
        @sent = sent || Sent.new
        @made = @sent.made && [@sent.made, @clock.call].min
      end

      # The same person, working with other records.
      def with(records)
        self.class.new(records, person:, clock: @clock, sent:, training_runs:)
      end

      # A step of a visit was done, or refused: told to whoever listens, such as a training run.
      def step_completed(_visit_id, _operation) = nil
      def step_undone(_visit_id, _operation) = nil
      # Raises where an answer of the fault finder is not for a person to give.
      def answered_by_hand!(_name) = nil
      def was_refused(_operation, _error) = nil

      # When it was done; when it got here (`received`), which is later for what waited for a
      # signal.
      def now = (@made || @clock.call).utc
      def received = @clock.call.utc
      def stamp(time = now) = time.utc.iso8601(3)

      # Time at which something was done: as the device says (it may have been off line), but never
      # after now nor before a time (ISO), such as the start of its visit. text: ISO, or nothing.
      # Raises Error where it is no time.
      def done_at(text, not_before: nil)
        time = text.to_s.empty? ? now : [Time.iso8601(text).utc, now].min
        [time, not_before && Time.iso8601(not_before)].compact.max
      rescue ArgumentError
        raise Error.new(
          "at must be an ISO 8601 time such as 2026-11-23T10:15:00Z.",
          field: :at,
          code: :bad_time
        )
      end

      # Raises unless the person's role is one of these.
      def allow!(*roles)
        return if roles.map(&:to_s).include?(person[:role])

        raise Refused.new(Message.of("Your role ({role}) may not do this.",
                                     role: person[:role]), code: :forbidden)
      end

      # Raises unless the person may do it: a name of Abilities.
      def may!(ability) = allow!(*Abilities::ROLES.fetch(ability))

      # The side that this account signs for.
      def signs_as = person[:role] == "inspector" ? "inspector" : "plumber"

      # The visit's row, refused when it has been signed.
      def open_visit!(id)
        open!(records.visits.find(id))
      end

      # The same for a row that is at hand already.
      def open!(row)
        code, text = NOT_OPEN[row[:status]]
        raise Refused.new(text, code:) if code

        row
      end

      # Why nothing is written in a visit, by its status.
      NOT_OPEN = {
        "signed" => [:signed, Store::Translated::SIGNED],
        "ended" => [:ended, "This visit has been ended; take that back first."],
        "booked" => [:not_started, "Start the visit first."]
      }.freeze
      private_constant :NOT_OPEN

      # A text as it was typed, without what surrounds it; nil where there is none. Raises Error.
      def text!(value, field, max: 200, required: true)
        text = value.to_s.strip
        if required && text.empty?
          raise Error.new(Message.of("{field} is missing.",
                                     field:), field:, code: :missing)
        end
        if text.size > max
          raise Error.new(Message.of("{field} is longer than {max} characters.",
                                     field:, max:), field:, code: :too_long)
        end

        text.empty? ? nil : text
      end

      # An e-mail address as it was typed, or nil. Raises Error where it is none.
      def address!(text, field = :email, required: true)
        email = text!(text, field, required:) or return
        return email if email.match?(/\A[^@\s]+@[^@\s]+\.[^@\s]+\z/)

        raise Error.new(Message.of("{field} must be an address such as name@firm.example.",
                                   field:), field:,
                                                                                code: :bad_email)
      end
    end
  end
end
