# frozen_string_literal: true

require "csv"
require "tmpdir"

module Munimen
  module Bench
    # A firm's old lists, as they come: five shapes of columns, telephones, names and accents, many
    # namesakes. Each is read twice, and once more in another shape: nobody is doubled, nobody lost.
    class MessyTrial
      include Timing

      FIRST = %w[Ann Bo Ines José Zoë Siân Rhona Tam Ada Mirja Owen Piotr Noor Femi Lou Gwen Åsa
                 Raúl Eoin Tove].freeze
      LAST = ["Lee", "O'Brien", "Brontë", "Lindqvist", "Okoro", "de la Cruz", "Ashdown-Lee",
              "Nguyen", "MacRae", "Ó Sé", "Peña", "van Dyk", "Ruiz", "Tansy", "Weir",
              "Haldane"].freeze
      ROADS = ["Mill Row", "Weir Lane", "Chapel Green", "Ridge Road", "Saltmarsh Row"].freeze

      # Headers, and how a person stands under them.
      SHAPES = {
        plain: [%w[Name Phone E-mail Address],
                ->(one) { [one.name, one.dashed, one.mail, one.address] }],
        parts: [["First Name", "Last Name", "Street", "City", "State", "ZIP", "Mobile"],
                lambda do |one|
                  [one.first, one.last, one.street, "Harrowmere", "OH", one.zip, one.abroad]
                end],
        backwards: [["Customer", "Tel. no.", "Site address"],
                    ->(one) { ["#{one.last}, #{one.first}", one.bare, one.address] }],
        shouted: [["CLIENT NAME", "E-MAIL ADDRESS", "SERVICE ADDRESS", "TELEPHONE"],
                  lambda do |one|
                    [one.name.upcase, one.mail.upcase, "  #{one.address.upcase} ", one.dotted]
                  end],
        spanish: [%w[Nombre Teléfono Dirección Correo],
                  ->(one) { [one.name, one.spaced, one.address.sub(",", " ,"), one.mail] }]
      }.freeze

      # One of many, by number: names come again, telephones, mails and addresses do not.
      Person = Struct.new(:n) do
        def first = FIRST[n % FIRST.size]
        def last = LAST[n / FIRST.size % LAST.size]
        def name = "#{first} #{last}"
        def bare = format("440555%04d", n)
        def dashed = bare.sub(/(...)(...)(....)/, '\1-\2-\3')
        def dotted = bare.sub(/(...)(...)(....)/, '\1.\2.\3')
        def spaced = bare.sub(/(...)(...)(....)/, '(\1) \2 \3')
        def abroad = "+1 #{dashed}"
        def mail = "p#{n}@example.test"
        def street = "#{n + 1} #{ROADS[n % ROADS.size]}"
        def zip = "44144"
        def address = "#{street}, Harrowmere, OH #{zip}"
      end

      # Yields name, value, unit, wanted of each row.
      def initialize(&row) = @row = row

      def run(count)
        Dir.mktmpdir("munimen-messy") do |folder|
          @config = Web::Config.new(folder)
          people = Array.new(count) { |n| Person.new(n) }
          share = people.each_slice((count / SHAPES.size.to_f).ceil).to_a
          shapes = SHAPES.keys
          read("the first time", shapes.zip(share), count)
          read("again", shapes.zip(share), count)
          read("in another shape", shapes.rotate.zip(share), count)
        end
      end

      private

      def read(time, lists, count)
        took = timed do
          @told = lists.map { |shape, people| import(shape, people) }
        end
        new = @told.sum { |one| one[:counts]["new"] }
        @row.call("rows read #{time}", count, "", "")
        @row.call("of them somebody new", new, "", time == "the first time" ? count.to_s : "0")
        @row.call("customers then", records.database[:customers].count, "", count.to_s)
        @row.call("sites then", records.database[:sites].count, "", count.to_s)
        @row.call("took", took / 1000, "s", "")
      end

      def import(shape, people)
        headers, cells = SHAPES.fetch(shape)
        text = CSV.generate { |csv| [headers, *people.map(&cells)].each { |line| csv << line } }
        Desk::Tables.new(desk).import("customers", text)
      end

      def records = @config.records
      def desk = Desk::Context.new(records, person:)

      def person
        @person ||= records.people.all.first || begin
          records.people.create(name: "Owner", email: "owner@example.test", role: "owner",
                                password: "copper-kettle-messy")
          records.people.all.first
        end
      end
    end
  end
end
