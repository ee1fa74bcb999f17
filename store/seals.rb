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

      # The seal that holds: a repaired visit has more than one (visit:ID, visit:ID:2, …).
      def of(visit_id) = all_of(visit_id).last

      # Whether a PDF belongs to a seal here.
      def prints? = true

      # Seals a signed visit with the bytes of its PDF, inside the transaction that signs it.
      def seal_visit(visit_id, pdf:, at:)
        add("visit:#{visit_id}", content_of("visit:#{visit_id}"), @reports.write(pdf), at)
      end

      def seal_amendment(id, at:) = add("amendment:#{id}", content_of("amendment:#{id}"), nil, at)

      # Seals a visit once more, as it is now: its earlier seal is answered by this one.
      def seal_again(visit_id, at:)
        subject = "visit:#{visit_id}"
        file = of(visit_id)[:file]
        add("#{subject}:#{all_of(visit_id).size + 1}", content_of(subject), file, at)
      end

      # How many visits were signed before the chain began.
      def before = @database[:signed_before_seals].count

      # Subjects that were erased after their time: their seals hold hashes only, and stay.
      def erased = @database[:erased].select_map(:subject).to_set

      # Ids of the sealed visits that are not what was sealed last.
      def changed
        gone = erased
        holding.each_value.filter_map do |row|
          kind, id = row[:subject].split(":")
          id if kind == "visit" && !gone.include?("#{kind}:#{id}") &&
                row[:content] != content_of(row[:subject])
        end
      end

      # Whether a visit is what was sealed, if it were without some rows: {table => [id]}.
      def as_sealed?(visit_id, without: {})
        of(visit_id)[:content] == content_of("visit:#{visit_id}", without:)
      end

      # What is wrong, as sentences; none when the chain is whole. photos: Store::Files.
      def problems(photos)
        previous = FIRST
        @gone = erased
        @holding = holding.each_value.to_set { |row| row[:seq] }
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
      def content_of(subject, without: {})
        kind, id = subject.split(":")
        rows =
          if kind == "visit"
            visit(id,
          without)
          else
            { amendments: [content(@database[:amendments].where(id:).first)] }
          end
        Digest::SHA256.hexdigest(JSON.generate(rows))
      end

      def all_of(visit_id)
        subject = "visit:#{visit_id}"
        again = Sequel.like(:subject, "#{subject}:%")
        @rows.where(Sequel.|({ subject: }, again)).order(:seq).all
      end

      # The last seal of each visit and amendment.
      def holding = @rows.order(:seq).to_h { |row| [row[:subject].split(":").first(2), row] }

      def visit(id, without)
        { visits: [@database[:visits].where(id:).first&.slice(*VISIT)] }.merge(
          TABLES.to_h do |table|
            [
              table,
              @database[table].where(visit_id: id).exclude(id: without.fetch(table, []))
                .order(:at, :id).all
                             .map { |row| content(row).sort.to_h }
            ]
          end
        )
      end

      # What is sealed of a row: how it arrived only where that is known.
      def content(row) = row&.reject { |name, one| name == :seq || (name == :arrived && one.nil?) }

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
        return wrong if @gone.include?(subject.split(":").first(2).join(":"))

        if @holding.include?(row[:seq]) && row[:content] != content_of(subject)
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
          .exclude(id: @database[:signed_before_seals].select(:visit_id))
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
