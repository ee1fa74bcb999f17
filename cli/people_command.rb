# frozen_string_literal: true

module Munimen
  module Cli
    # bin/munimen people …: who works here, from the machine itself, as the owner would do it on the
    # screen.
    class PeopleCommand
      # What each does with the arguments after it.
      ALL = %w[list invite link role name trades pause close open].freeze

      # config: Web::Config; output: an IO.
      def initialize(config, output)
        @config = config
        @output = output
      end

      # Raises Error on a word that is not known, a person that is not there, or what is refused.
      def run(what = "list", *given)
        unless ALL.include?(what)
          raise Error.new("people knows: #{ALL.join(", ")}; not “#{what}”.",
                          field: :command, code: :unknown_choice)
        end
        Arguments.fit!("people", method(what), given)
        send(what, *given)
      end

      private

      def list
        rows = staff.list.map { |one| one.values_at(:email, :role, :state, :name) }
        wide = rows.transpose.map { |column| column.map(&:size).max }
        rows.each do |row|
          @output.puts row.zip(wide).map { |text, size| text.ljust(size) }.join("  ").rstrip
        end
      end

      def invite(email = nil, name = nil, role = "plumber")
        needed(email:, name:)
        told(email, staff.invite(name:, email:, role:))
      end

      # Where the password was forgotten.
      def link(email = nil) = told(email, staff.new_link(id(email)))

      def role(email = nil, role = nil)
        needed(email:, role:)
        staff.change(id(email), role:)
        list
      end

      def name(email = nil, name = nil)
        needed(email:, name:)
        staff.change(id(email), name:)
        list
      end

      # Each as trade, trade:number or trade:number:expiry.
      def trades(email = nil, *given)
        qualifications = given.map { |one| %i[trade number expires].zip(one.split(":", 3)).to_h }
        Desk::Qualify.new(context).call(id(email), qualifications: qualifications.map(&:compact))
        held = Store::Values.qualifications(@config.records.people.find(id(email)))
        @output.puts(held.map { |one| one.values.compact.join(" ").rstrip })
      end

      def pause(email = nil) = staff.pause(id(email)) && list
      def close(email = nil) = staff.close(id(email)) && list
      def open(email = nil) = staff.reopen(id(email)) && list

      def told(email, link)
        base = ENV.fetch("MUNIMEN_URL", "(the address of this server)").chomp("/")
        @output.puts "For #{email}, once, within seven days: #{base}/join/#{link[:token]}"
      end

      def id(email)
        needed(email:)
        person = @config.records.people.by_email(email) or
          raise NotFound.new("There is no account #{email}.", field: :email)
        person[:id]
      end

      def needed(**given)
        missing = given.key(nil) or return
        raise Error.new("Give #{given.keys.join(" and ").tr("_", " ")}: bin/munimen help people",
                        field: missing, code: :missing)
      end

      def staff = @staff ||= Desk::Staff.new(context)
      def context = AsOwner.context(@config.records)
    end
  end
end
