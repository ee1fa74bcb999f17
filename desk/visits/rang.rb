# frozen_string_literal: true

module Munimen
  module Desk
    # What a customer rang for, as it is said when a visit is booked or later: a complaint of that
    # heater and their own words.
    class Rang
      # What may be said, for a screen: [{id:, title:, advice:}], emergencies first. words: Words.
      def self.choices(heater, words)
        Faults::Complaint.of(heater).map do |one|
          { id: one.id, title: words.say(one.title), advice: one.advice }
        end
      end

      def initialize(context) = @context = context

      # {complaint:, complaint_words:} of what was said; an empty text takes it away, nil says
      # nothing. Raises Error on a complaint that this heater cannot have.
      def read(heater, complaint: nil, complaint_words: nil)
        words = @context.text!(complaint_words, :complaint_words, required: false, max: 300)
        Faults::Complaint.check!(complaint, heater) unless complaint.to_s.empty?
        { complaint:, complaint_words: complaint_words && words.to_s }.compact
      end

      # Writes what was said of a visit that is being booked, in the transaction of the caller.
      def keep(visit_id, said)
        said.each do |name, value|
          @context.records.visits.write(
            :decisions, id: SecureRandom.uuid, visit_id:, name: name.to_s, value:,
                        at: @context.stamp, account_id: @context.person[:id]
          )
        end
      end

      # Says it otherwise of one that is booked or under way.
      def change(visit_id, **rang)
        opened = ->(row) { row[:status] == "booked" ? row : @context.open!(row) }
        VisitWrite.new(@context, visit_id).call(nil, [], opened:) do |entry|
          read(entry.visit.heater, **rang).each do |name, value|
            next if entry.visit.decision(name).to_s == value

            entry.add(:decisions, id: SecureRandom.uuid, name: name.to_s, value:)
          end
        end
      end
    end
  end
end
