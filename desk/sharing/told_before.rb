# frozen_string_literal: true

require "openssl"

module Munimen
  module Desk
    # What a household says of its heater before somebody comes, without an account, by the link
    # that goes with the confirmation: what is wrong, how warm the water is, pictures of plate, drip
    # and place. It is theirs and marked so; it opens the finder and the van's list until somebody
    # of the firm says otherwise. The link holds until the visit begins.
    class ToldBefore
      SLOTS = %w[plate drip place].freeze
      MOST = 9 # pictures of one visit
      OFTEN = 60 # times that one visit is told of
      LARGEST = 600_000 # bytes of a picture
      OVER = "This link does not hold any more. Ring the firm."

      # base: what links begin with.
      def initialize(context, base: nil)
        @context = context
        @base = base
      end

      # The link of a booked visit, for whoever books it.
      def link(visit_id)
        raise Refused.new("Only a visit to come has one.", code: :begun) unless coming?(visit_id)

        "#{@base}/before/#{visit_id}.#{token(visit_id)}"
      end

      # Whether a visit has one.
      def coming?(visit_id) = @context.records.visits.find(visit_id)[:status] == "booked"

      # A picture's row with its bytes, for the firm's own people.
      def picture(id) = told.picture(id)

      # What the page behind a link shows, for schema Before of the contract.
      def show(link)
        row = opened!(link)
        place = place(row)
        words = Words[place[:book].units]
        reader = Words::Speaker.new(words, @context.records.heaters.language(row[:heater_id]))
        { firm: @context.records.settings.firm.slice("name", "phone").transform_keys(&:to_sym),
          label: place[:label], **row.slice(:planned_for, :window_from, :window_to),
          complaints: complaints(place, reader),
          said: row[:told_before]&.slice(:complaint, :words, :temperature) || {},
          pictures: told.pictures(row[:id]).map { |one| one[:slot] }.tally,
          units: words.id, language: reader.id }
      end

      # Keeps what is said, instead of what was said before. temperature: as read and typed. Gives
      # what the page then shows.
      def say(link, complaint: nil, words: nil, temperature: nil)
        @context.records.write do
          row = opened!(link)
          place = place(row)
          Faults::Complaint.check!(complaint, place[:heater]) unless complaint.to_s.empty?
          keep(row, complaint: text(complaint), temperature: read(temperature, place),
                    words: @context.text!(words, :words, max: 300, required: false))
        end
        show(link)
      end

      # Keeps a picture once. data: Base64 of a JPEG or PNG; what a camera adds is taken out.
      def photograph(link, id:, slot:, data:)
        opened!(link)
        slot!(slot)
        image = Formats::Photograph.read(bytes(data))
        @context.records.write do
          row = opened!(link)
          there = told.pictures(row[:id])
          next if there.any? { |one| one[:id] == id }

          room!(there)
          told.add_picture(row[:id], image, id:, slot:, at: @context.stamp)
          keep(row, **(row[:told_before] || {}).slice(:complaint, :words, :temperature))
        end
        show(link)
      end

      private

      def told = @context.records.told
      def token(visit_id) = @context.records.sharing.token_of("before #{visit_id}")
      def place(row) = @context.records.heaters.with_place(row[:heater_id])
      def text(value) = value.to_s.empty? ? nil : value.to_s

      # The visit's row. Raises NotFound where the link is none, or the visit has begun.
      def opened!(link)
        visit_id, given = link.to_s.split(".", 2)
        row = visit_id.to_s.match?(TableKinds::UUID) && found(visit_id)
        held = row && row[:status] == "booked" &&
               OpenSSL.secure_compare(token(visit_id), given.to_s)
        return row if held

        raise NotFound.new(OVER, field: :link)
      end

      def found(visit_id)
        @context.records.visits.find(visit_id)
      rescue NotFound
        nil
      end

      # What may be wrong with this heater, as a customer says it; emergencies first, with what is
      # done at once.
      def complaints(place, reader)
        Faults::Complaint.of(place[:heater]).map do |one|
          { id: one.id, title: reader.say(one.title),
            advice: one.advice && advice(one.advice, place, reader) }
        end
      end

      def advice(name, place, reader)
        EmergencyAdvice.of(name, place[:heater], place[:book].units, reader)
      end

      def read(temperature, place)
        return if temperature.to_s.strip.empty?

        units = place[:book].units
        read = Measure::Quantity.parse(temperature, :temperature, system: units,
                                                                  field: :temperature)
        { typed: read.typed, si: read.si }
      end

      def keep(row, **said)
        times = (row.dig(:told_before, :times) || 0) + 1
        raise Refused.new("That is often enough: ring the firm.", code: :enough) if times > OFTEN

        more = { at: @context.stamp, times:, pictures: told.pictures(row[:id]) }
        told.keep(row[:id], said.compact.merge(more))
      end

      def slot!(slot)
        return if SLOTS.include?(slot)

        raise Error.one_of(SLOTS, field: :slot)
      end

      def bytes(data)
        return data.unpack1("m") if data.bytesize <= LARGEST * 4 / 3

        raise Error.new("The picture is larger than 600 kB.", field: :data, code: :too_long)
      end

      def room!(there)
        return if there.size < MOST

        raise Refused.new(Message.of("There are {most} pictures already: that is enough.",
                                     most: MOST), code: :enough)
      end
    end
  end
end
