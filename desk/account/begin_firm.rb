# frozen_string_literal: true

module Munimen
  module Desk
    # The first account of an installation, made in the browser by whoever has the code that the
    # server printed when it started on an empty folder.
    class BeginFirm
      # code: the one that was printed.
      def initialize(context, code)
        @context = context
        @code = code
      end

      # The rulebooks to choose from: [{id:, title:}]. NotFound once somebody has an account, or by
      # another code.
      def rulebooks(code)
        mine!(code)
        Rules::Book.all.map { |book| { id: book.id, title: book.title } }
      end

      # Makes the owner's account and names the firm. Raises Error on what is missing, an unknown
      # rulebook or a password that is too short or common.
      def call(code, name:, email:, password:, firm:, code_profile: nil)
        records = @context.records
        records.write do
          mine!(code)
          id = records.people.create(
            email: @context.address!(email),
            name: @context.text!(name, :name, max: 120),
            role: "owner",
            password:
          )
          owner = Context.new(records, person: records.people.find(id))
          KeepFirm.new(owner).call(name: firm, **{ code_profile: }.compact)
        end
        { joined: true }
      end

      private

      def mine!(code)
        begun = @context.records.people.any?
        return if !begun && same?(code)

        raise NotFound.new("This firm has begun already, or the code is another one.", field: :code)
      end

      def same?(code) = OpenSSL.secure_compare(code.to_s, @code)
    end
  end
end
