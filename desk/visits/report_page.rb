# frozen_string_literal: true

module Munimen
  module Desk
    # The customer's page of a visit with its letterhead: worked out while the visit is open, and
    # as it was kept once it is signed.
    class ReportPage
      # What is as it is today, and not kept with a signed page.
      NOW = %i[logo language languages courtesy photos document].freeze

      # A page as it is kept with a signed visit: its texts as they were signed, and beside them the
      # messages, by which it is said in other languages.
      def self.to_keep(page)
        kept = page.except(*NOW)
        kept.merge(messages: Message.gathered(kept))
      end

      def initialize(context) = @context = context

      # {firm:, heater:, place:, date:, person:, page:, section:, ladder:, signatures:}, symbols
      # as keys. language: “es”; nil or “en” as it is signed.
      def call(visit_id, language: nil)
        row = @context.records.visits.find(visit_id)
        page =
          if row[:status] == "signed" && row[:page] then kept(row)
          else build(@context.records.visits.load(visit_id, now: @context.now), visit_id)
          end
        in_language(page, language)
      end

      # The same of an open visit that has been loaded. signer: id of the account that is about to
      # sign for it.
      def of(visit, signer: nil)
        @signer = signer
        in_language(build(visit, visit.site[:id]), nil)
      end

      # Such a page as it is once it has been kept and signed: what its PDF is printed from.
      # signature: the row that locks it.
      def as_signed(page, visit, signature)
        kept = JSON.parse(JSON.generate(page.except(*NOW)), symbolize_names: true)
        rows = @context.records.visits.rows(:signatures, visit.site[:id]) + [signature]
        in_language(kept.merge(signed_at: signature[:at], signatures: signatures(rows),
                               amendments: []), nil)
      end

      # The same with the customer's e-mail address, which no link shows, and the language that the
      # customer wants.
      def for_firm(visit_id, **more)
        contact = @context.records.visits.contact(visit_id)
        call(visit_id, **more).merge(email: contact[:email], wanted: contact[:language])
      end

      # As whoever has a link reads it: in the customer's own language where none is asked for.
      def for_customer(visit_id, language: nil)
        call(visit_id, language: language || @context.records.visits.contact(visit_id)[:language])
      end

      # Bytes of its PDF: as it was signed, or, where something was added later, with that. photos:
      # whether the photographs are wanted with it.
      def pdf(visit_id, language: nil, photos: false)
        page = for_customer(visit_id, language:)
        return Formats::ReportPdf.new(page, photos: pictures(page)).render if photos
        return Formats::ReportPdf.new(page).render unless page[:language] == "en"

        sealed = @context.records.seals.of(visit_id)
        if sealed && page[:amendments].empty? && @context.records.reports.exist?(sealed[:file])
          return @context.records.reports.read(sealed[:file])
        end

        Formats::ReportPdf.new(page).render
      end

      private

      # language: which one it is in; courtesy: what has to be said of a translation, or nil.
      def in_language(page, language)
        found = Words::Language.find(language)
        page = page.merge(photos: photos(page))
        page = translated(page, found, (page[:units] || :us).to_sym) if found
        page = page.except(:finished)
        page = page.merge(logo: @context.records.settings[:logo], courtesy: found&.courtesy,
                          language: found ? found.id.to_s : "en",
                          languages: Words::Language.offered)
        page.merge(document: Report::Document.new(page).to_a)
      end

      # Photographs of the visit with what they show, in the order of the inspection.
      def photos(page)
        words = Words[(page[:units] || :us).to_sym]
        of_visit = @context.records.photos.of_visit(page[:visit_id])
        of_visit.flat_map do |subject, ids|
          ids.map { |id| { id:, what: ShownInPhotos.name(subject, words) } }
        end
      end

      # [[what it shows, bytes], …]
      def pictures(page)
        page[:photos].map { |one| [one[:what], @context.records.photos.find(one[:id])[:data]] }
      end

      # finished: kept before there were messages.
      def kept(row)
        page = @context.records.visits.page(row[:id])
        messages = page.delete(:messages)
        Message.laid(page, messages || []).merge(
          finished: messages.nil?,
          visit_id: row[:id],
          signed_at: row[:signed_at],
          signatures: signatures(@context.records.visits.rows(:signatures, row[:id])),
          amendments: amendments(row[:id])
        )
      end

      def translated(page, language, words)
        page = language.page(page, words, finished: page[:finished])
        notes = Words::Finished.of(language) # of a drawing are wrapped to their columns
        section = Drawing::Section.reworded(page[:section], page[:parts]) do |text|
          notes.say(text, words)
        end
        photos = page[:photos].map { |one| one.merge(what: language.say(one[:what], words)) }
        page.merge(section:, photos:)
      end

      def amendments(visit_id)
        @context
          .records
          .visits
          .amendments(visit_id)
          .map { |row| row.slice(:reason, :text, :at, :by) }
      end

      def build(visit, visit_id)
        place = visit.site
        heater = visit.heater
        {
          visit_id:,
          firm: @context.records.settings.firm,
          date: visit.date&.iso8601,
          person: names(visit) || place[:person] || @context.person[:name],
          licences: licences(visit, visit_id),
          customer: place[:customer],
          address: place[:address],
          units: visit.units,
          heater: about(heater, place[:label], visit.units),
          page: Report::CustomerPage.new(visit).to_h,
          section: Drawing::Section.new(heater, units: visit.units, state: visit.state).to_h,
          stands: stands(visit),
          marks: marks(visit),
          ladder: Drawing::Ladder.new(visit).to_h,
          parts: Heater::Parts.of(heater).to_h { |part| [part.id, visit.words.part(part.id)] },
          signatures: signatures(@context.records.visits.rows(:signatures, visit_id)),
          signed_at: nil,
          amendments: []
        }
      end

      def about(heater, label, units)
        { label:, maker: heater.maker, model: heater.model, serial: heater.serial,
          kind: heater.kind, capacity: heater.capacity.format(units),
          fuel: Heater::Fields::FUELS[heater.fuel] }
      end

      # Whose work it was: those who did the steps, in that order, and who signed for it; not who
      # booked it.
      def doers(visit)
        signed = @context.records.visits.rows(:signatures, visit.site[:id])
                         .reject { |row| row[:signer] == "customer" }
        (visit.standing.select(&:done?).map(&:by) + signed.map { |row| row[:account_id] } +
          [@signer])
          .compact.uniq.filter_map { |id| @context.records.people.find(id) }
      end

      def names(visit)
        found = doers(visit).map { |person| person[:name] }
        found.join(", ") unless found.empty?
      end

      # What whoever does it is licensed for on the day, with its number: [{trade:, number:}].
      def licences(visit, visit_id)
        people = doers(visit)
        if people.empty?
          account = @context.records.visits.find(visit_id)[:account_id] || @context.person[:id]
          people = [@context.records.people.find(account)].compact
        end
        people.flat_map { |person| held(person, visit.date&.iso8601) }.uniq
      end

      def held(person, day)
        numbered = Store::Values.qualifications(person).reject { |one| one[:number].to_s.empty? }
        numbered.select { |one| day.nil? || one[:expires].to_s.empty? || one[:expires] >= day }
                .map { |one| one.slice(:trade, :number) }
      end

      # What was left otherwise than it usually is.
      def stands(visit)
        space = Work::StateSpace.new(visit.heater)
        Work::StateWords.unusual(space, visit.state).map { |text| visit.words.say(text) }
      end

      def marks(visit) = Judgement::Marks.new(visit).to_h

      def signatures(rows)
        people = @context.records.people
        rows.map do |row|
          {
            signer: row[:signer],
            name: row[:name],
            account: people.find(row[:account_id])&.fetch(:name),
            refused: row[:refused],
            at: row[:at],
            strokes: row[:strokes]
          }
        end
      end
    end
  end
end
