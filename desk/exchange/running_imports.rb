# frozen_string_literal: true

require "tempfile"

module Munimen
  module Desk
    # Files that are being read now – logs, tables –, each in a thread of its own: how far it is,
    # what came of it, or what went wrong. Kept for an hour.
    class RunningImports
      KEPT = 3600
      AT_ONCE = 3
      Import = Struct.new(:id, :account, :share, :error, :done, :result, :started, :stopped,
                          keyword_init: true)
      STOPPED = "It was stopped; nothing of it was taken over."

      # breathe: called at every word of progress, so that others get their turn.
      def initialize(breathe: -> { Thread.pass })
        @breathe = breathe
        @imports = {}
        @lock = Mutex.new
      end

      # Starts reading; `work` is called with a block for the share, and what it returns is the
      # result. Raises Refused when too many run.
      def start(id, account, &work)
        import = @lock.synchronize { enter(id, account) } or return
        Thread.new do
          import.result = work.call(lambda do |share|
            import.share = share
            @breathe.call
            raise Refused.new(STOPPED, code: :stopped) if import.stopped
          end)
          import.done = true
        rescue Munimen::Error => e
          import.error = e
        rescue StandardError => e
          warn "#{e.class}: #{e.message}\n  #{Array(e.backtrace).first(8).join("\n  ")}"
          import.error =
            Error.new("The file could not be read to its end.", field: :log, code: :unreadable)
        end
      end

      # Has one of a person's come to an end at its next word; false where there is none.
      def stop(id, account)
        import = find(id, account) or return false
        import.stopped = true
      end

      def find(id, account) = @imports[id]&.then { |import| import if import.account == account }

      private

      def enter(id, account)
        @imports.delete_if { |_, import| Time.now - import.started > KEPT }
        return if @imports[id] && @imports[id].error.nil?
        if @imports.values.count { |one| !one.done && one.error.nil? } >= AT_ONCE
          raise Refused.new("Other files are being read; try again in a moment.", code: :busy)
        end

        @imports[id] = Import.new(id:, account:, share: 0.0, started: Time.now)
      end
    end
  end
end
