# frozen_string_literal: true

module Munimen
  module Desk
    # A visit that was booked or begun at the wrong heater goes to the right one, with all that was
    # entered. What it taught the wrong one's record is taken out there and told to the right one's.
    # Only before the customer has signed, and to a heater of the same kind: what was read and done
    # at one kind says nothing of another.
    class MoveVisit
      def initialize(context) = @context = context

      # id: UUID of the decision that is written down; heater: id of the right one. The visit's id.
      # Raises Refused where it cannot go there, NotFound, Error.
      def call(visit_id, id:, heater:)
        @context.may!(:records)
        to = @context.records.heaters.with_place(heater)
        write = VisitWrite.new(@context, visit_id)
        write.call(:decisions, id, opened: method(:movable!)) do |entry|
          from = @context.records.heaters.with_place(entry.row[:heater_id])
          fits!(entry, from, to)
          entry.along { teach(visits.taught(visit_id), from[:id], to[:id]) }
          entry.change(heater_id: to[:id], arrival: Arrival.new(@context).of(to[:id]))
          entry.add(:decisions, id:, name: Visit::Decisions.name(:moved, from[:id]),
                                value: "#{from[:label]}, #{from[:address]}")
        end
        visit_id
      end

      private

      def heaters = @context.records.heaters
      def visits = @context.records.visits

      def movable!(row)
        return @context.open!(row) unless %w[booked open].include?(row[:status])
        return row if visits.rows(:signatures, row[:id]).empty?

        raise Refused.new("The customer has signed for this heater: end it there, and amend.",
                          code: :signed_already)
      end

      def fits!(entry, from, to)
        refuse("This visit is to that heater already.", :same) if from[:id] == to[:id]
        refuse("That heater is not there any more.", :ended) if to[:ended]
        unless from[:heater].kind == to[:heater].kind
          refuse("That heater is of another kind: what was entered here says nothing of it.",
                 :other_kind)
        end
        if visits.of_heater(to[:id]).any? { |row| row[:status] == "open" }
          refuse("A visit is under way at that heater: go on with that one.", :under_way)
        end
        jobs!(entry, to[:heater])
      end

      def jobs!(entry, heater)
        fitting = Work::Job.fitting(heater).map(&:id)
        other = entry.visit.jobs.find { |job| !fitting.include?(job) } or return
        title = entry.visit.words.say(Work::Job[other].title)
        refuse(Message.of("“{title}” is not done at that heater: change the work first.",
                          title:), :not_applicable)
      end

      def refuse(text, code) = raise(Refused.new(text, code:))

      # What the wrong one's record said before is said there again, unless somebody has changed it
      # since.
      def teach(taught, from, to)
        keep = KeepHeater.new(@context)
        wrong = heaters.find(from)[:installation].transform_keys(&:to_sym)
        taught.each do |field, value|
          keep.learn(from, field, value[:before]) if wrong[field].to_s == value[:after]
          keep.learn(to, field, value[:after])
        end
      end
    end
  end
end
