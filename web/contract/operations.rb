# frozen_string_literal: true

module Munimen
  module Web
    # The routes, as the contract declares each (`x-route` beside its operationId): path, who may,
    # how large its body, what is logged, whether its answer is kept. Whatever wants to know one of
    # these reads it here.
    #
    #   Operations[:backup].who     # => :backup, an ability (Desk::Abilities)
    #   Operations.at("GET", path)  # => Operation or nil
    module Operations
      # who may: anyone; account: who is signed in, also before the second factor that the firm asks
      # for; person: who is signed in; or an ability.
      WHO = [:anyone, :account, :person, *Desk::Abilities::ROLES.keys].freeze
      SIZES = { "kB" => 1_000, "MB" => 1_000_000 }.freeze
      USUAL = "64 kB" # of a form
      KEY = "munimen.operation"

      Operation = Struct.new(:id, :verb, :path, :who, :narrowed, :fresh, :kept, :body, :file, :logs,
                             :streamed, keyword_init: true) do
        # Pattern of its path, with the names of what stands in it.
        def pattern
          @pattern ||= /\A#{path.gsub(".", "\\.").gsub(/\{(\w+)\}/, '(?<\1>[^/]+)')}\z/
        end

        # The same as Sinatra writes it.
        def sinatra = path.gsub(/\{(\w+)\}/, ':\1')
        # The ability that it wants, or nil.
        def ability = %i[anyone account person].include?(who) ? nil : who
        # Bytes of its body.
        def most = Operations.bytes(body)
      end

      class << self
        # {id => Operation}
        def all
          @all ||= Contract.declared.map { |one| declared(*one) }.to_h { |one| [one.id, one] }
        end

        # Raises KeyError.
        def [](id) = all.fetch(id)

        # What a request is for, or nil.
        def of(env)
          env.fetch(KEY) { env[KEY] = at(env["REQUEST_METHOD"], env["PATH_INFO"]) }
        end

        # What a verb asks at a path, or nil.
        def at(verb, path)
          by_length[path.count("/")]&.find { |one| one.verb == verb && one.pattern.match?(path) }
        end

        # The one that is declared at a path as Sinatra writes it. Raises KeyError.
        def declared_at(verb, path)
          all.each_value.find { |one| one.verb == verb && one.sinatra == path } ||
            raise(KeyError, "The contract declares no #{verb} #{path}")
        end

        # Bytes of a form, and of whatever is for no route.
        def usual = bytes(USUAL)

        # “64 kB” in bytes, and the other way round, in the larger unit that it fills.
        def bytes(size) = size.split.then { |number, unit| Integer(number) * SIZES.fetch(unit) }

        def size(bytes)
          unit, of = SIZES.select { |_, one| bytes >= one }.max_by(&:last)
          "#{bytes / of} #{unit}"
        end

        private

        # Those without a name in their path first: “others” is no session.
        def by_length
          @by_length ||= all.each_value.sort_by { |one| one.path.count("{") }
                            .group_by { |one| one.path.count("/") }
        end

        def declared(verb, path, one)
          said = one.fetch("x-route").transform_keys(&:to_sym)
          who = said.fetch(:who).to_sym
          raise ArgumentError, "#{one["operationId"]}: nobody is called #{who}" unless
            WHO.include?(who)

          Operation.new(
            fresh: false, kept: false, body: USUAL, file: false, streamed: false, **said,
            id: one["operationId"].to_sym, verb:, path:, who:,
            narrowed: said[:narrowed]&.to_sym, logs: said[:logs]&.to_sym
          )
        end
      end
    end
  end
end
