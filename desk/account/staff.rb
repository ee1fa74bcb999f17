# frozen_string_literal: true

module Munimen
  module Desk
    # Who works here: invited by a link, changed, closed and opened again. A closed account signs
    # nobody in and keeps its name at what it did. There is always an owner.
    class Staff
      GOOD_FOR = 7 * 86_400 # s

      def initialize(context)
        @context = context
        @people = context.records.people
        @invitations = context.records.invitations
      end

      # [{id:, name:, email:, role:, state: "open" | "invited" | "paused" | "closed"}]
      def list
        @context.may!(:people)
        invited = @invitations.open(at: @context.stamp)
        @people.all.map do |row|
          row.slice(:id, :name, :email, :role).merge(state: state(row, invited))
        end
      end

      # Adds somebody, who is in once they have set their password by the link: {token:, mailed:}.
      # outbox: by which it is mailed where a server is set; base: what the link begins with. Raises
      # Error on an address that is taken or none, an unknown role, a missing name.
      def invite(name:, email:, role:, outbox: nil, base: nil)
        @context.may!(:people)
        email = @context.address!(email)
        name = @context.text!(name, :name, max: 120)
        id = nil
        made = @context.records.write { link(id = @people.invite(email:, name:, role:)) }
        mailed(made, id, outbox, base)
      end

      # A new link, where the password was forgotten or the link is no longer good: as `invite`.
      def new_link(id, outbox: nil, base: nil)
        @context.may!(:people)
        raise Refused.new("Let them in again first.", code: :paused) if find(id)[:paused_at]

        mailed(@context.records.write { link(id) }, id, outbox, base)
      end

      def change(id, name: nil, role: nil)
        @context.may!(:people)
        @context.records.write do
          last_owner!(id) if role && role != "owner"
          name &&= @context.text!(name, :name, max: 120)
          @people.change(find(id)[:id], { name:, role: }.compact)
        end
        list
      end

      # Signs them out everywhere and takes their links away; what they did stays theirs.
      def close(id)
        @context.may!(:people)
        @context.records.write do
          last_owner!(find(id)[:id])
          @invitations.withdraw(id)
          @people.close(id)
          @context.records.devices.close_all(id, at: @context.stamp)
        end
        list
      end

      # Out for a while: signs in nowhere until they are let in again, and nobody is sent with them.
      def pause(id)
        @context.may!(:people)
        @context.records.write do
          last_owner!(find(id)[:id])
          unless find(id)[:status_id] == Store::People::OPEN
            raise Refused.new("Only who is here can be out for a while.", code: :not_open)
          end

          @invitations.withdraw(id)
          @people.pause(id, at: @context.stamp)
        end
        list
      end

      # Lets them in again, by the password they had.
      def reopen(id)
        @context.may!(:people)
        raise Refused, "Send a link first: there is no password yet." unless
          @people.password?(find(id)[:id])

        @people.open(id)
        list
      end

      # Whom a link is for: {name:, email:, firm:}. NotFound where it is used, old or none.
      def whose(token)
        row = @people.find(invited(token))
        row.slice(:name, :email).merge(firm: @context.records.settings.firm["name"])
      end

      # The first password, or another one; yields whose it is and whether there was one before.
      # Raises Error where it is too short or too common.
      def join(token, password:)
        @context.records.write do
          id = invited(token)
          yield id, @people.password?(id) if block_given?
          @people.set_password(id, password)
          @people.open(id)
          @invitations.use(token, at: @context.stamp)
        end
        { joined: true }
      end

      private

      def state(row, invited)
        return "open" if row[:status_id] == Store::People::OPEN
        return "paused" if row[:paused_at]

        invited.include?(row[:id]) ? "invited" : "closed"
      end

      def find(id)
        @people.find(id) || raise(NotFound.new("There is no such person.", field: :person))
      end

      # Whoever is out for a while is let in by the owner, not by a link from before.
      def invited(token)
        id = @invitations.account(token, at: @context.stamp)
        return id if id && !find(id)[:paused_at]

        raise NotFound.new("This link has been used or is too old. Ask for a new one.",
                           field: :token)
      end

      def link(id)
        until_then = @context.stamp(@context.now + GOOD_FOR)
        { token: @invitations.make(id, at: @context.stamp, expires_at: until_then) }
      end

      def say(person, template, **more)
        Spoken.say(Message.of(template, **more), person[:language])
      end

      # Nothing of it is kept: whoever reads the mail sets a password.
      def mailed(link, id, outbox, base)
        person = find(id)
        firm = @context.records.settings.firm["name"]
        went = outbox&.straight?(
          to: person[:email],
          subject: say(person, "Your account at {firm}", firm: Typed.new(firm)),
          text: [person[:name],
                 "#{say(person, "Set your password here, once, within seven days:")}\n" \
                 "#{base}/join/#{link[:token]}"]
        )
        link.merge(mailed: went || false)
      end

      def last_owner!(id)
        return unless @people.owners == [id]

        raise Refused.new("There must be an owner: make somebody else one first.", field: :role)
      end
    end
  end
end
