# frozen_string_literal: true

module Munimen
  module Store
    # A chain over signed visits and what was added to them: each seal holds the hash of what it
    # seals, of its PDF, and of the seal before. Whoever changes, takes out or puts in anything
    # breaks it.
    class Seals
      FIRST = "0" * 64
      TABLES = %i[readings observations steps decisions notes signatures photos].freeze
      VISIT = %i[
        id
        heater_id
        jobs
        planned_for
        account_id
        house_rules
        started_at
        signed_at
        outcome
        page
        created_at
      ].freeze

      def initialize(database, reports)
        @database = database
        @rows = database[:seals]
        @reports = reports
      end

      def of(visit_id) = @rows.where(subject: "visit:#{visit_id}").first

      # Seals a signed visit with its PDF (bytes), inside the transaction that signs it.
      def seal_visit(visit_id, pdf:, at:)
        add("visit:#{visit_id}", content_of("visit:#{visit_id}"), @reports.write(pdf), at)
      end

      def seal_amendment(id, at:) = add("amendment:#{id}", content_of("amendment:#{id}"), nil, at)

      # What is wrong, as sentences; none when the chain is whole. photos: Store::Files.
      def problems(photos)
        previous = FIRST
        found = @rows.order(:seq).paged_each(rows_per_fetch: 500).flat_map do |row|
          wrong = check(row, previous, photos)
          previous = row[:hash]
          wrong
        end
        found + unsealed
      end

      def size = @rows.count

      # Hash of the last seal: written down elsewhere, it shows whether the end of the chain was
      # cut off.
      def head = @rows.order(:seq).last&.fetch(:hash)

      private

      def add(subject, content, file, at)
        previous = head || FIRST
        @rows.insert(
          subject:,
          content:,
          file:,
          previous:,
          at:,
          hash: link(subject, content, file, previous, at)
        )
      end

      def link(subject, content, file, previous, at)
        Digest::SHA256.hexdigest([subject, content, file, previous, at].join("\n"))
      end

      # SHA-256 of everything that is kept of a subject, in a fixed order.
      def content_of(subject)
        kind, id = subject.split(":")
        rows =
          kind == "visit" ? visit(id) : { amendments: [@database[:amendments].where(id:).first] }
        Digest::SHA256.hexdigest(JSON.generate(rows))
      end

      def visit(id)
        { visits: [@database[:visits].where(id:).first&.slice(*VISIT)] }.merge(
          TABLES.to_h do |table|
            [
              table,
              @database[table].where(visit_id: id).order(:at, :id).all
                             .map { |row| row.except(:seq).sort.to_h }
            ]
          end
        )
      end

      def check(row, previous, photos)
        subject = row[:subject]
        wrong = []
        if row[:previous] != previous
          wrong << "#{subject}: its seal does not follow the one before: something was taken out " \
                   "or put in."
        end
        if row[:hash] != link(subject, row[:content], row[:file], row[:previous], row[:at])
          wrong << "#{subject}: the seal itself was changed."
        end
        if row[:content] != content_of(subject)
          wrong << "#{subject}: what was signed has been changed."
        end
        if row[:file] && !@reports.sound?(row[:file])
          wrong << "#{subject}: its PDF is missing or was changed."
        end
        wrong +
          photos_of(subject)
            .reject { |hash| photos.sound?(hash) }
            .map { |hash| "#{subject}: photo #{hash[0, 12]}… is missing or was changed." }
      end

      def photos_of(subject)
        kind, id = subject.split(":")
        kind == "visit" ? @database[:photos].where(visit_id: id).select_map(:hash) : []
      end

      def unsealed
        @database[:visits]
          .where(status: "signed")
          .exclude(Sequel.lit("'visit:' || id IN (SELECT subject FROM seals)"))
          .select_map(:id)
          .map { |id| "visit:#{id}: signed, but not in the chain." } +
          @database[:amendments]
            .exclude(Sequel.lit("'amendment:' || id IN (SELECT subject FROM seals)"))
            .select_map(:id)
            .map { |id| "amendment:#{id}: not in the chain." }
      end
    end
  end
end
