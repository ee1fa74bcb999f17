# frozen_string_literal: true

module Munimen
  module Work
    # One thing that a person does: what must be true first, what it makes true, what is read, how
    # long it takes, and why. Each is one file in core/work/operations/; what is not said has a
    # harmless default.
    #
    #   Operation.define :shut_heater_supply do
    #     part :cold_shut_off
    #     title "Shut the {supply_valve}"
    #     needs heat: %i[pilot off]
    #     makes heater_supply: :shut
    #     hands_on 20
    #     because "Nothing may refill the tank while its pressure is let down."
    #   end
    class Operation
      include Nature

      # What is read: its name, a kind of quantity or a list of words, and the question. `only_if`
      # (a reading and the word it must have) makes it wanted only then. `on` tells on which heaters
      # it is read at all, `rulebook` under which book; `point` where, if not on the water; `fact`
      # the field of the heater that it fills where it was unknown; `shown_at` the part of the
      # drawing beside which it is shown; `of` the part that it belongs to, where the same is read
      # of several: its name then is both ("relief_drip.expansion_relief"). Where something is read
      # by itself: what is connected elsewhere does not read it.
      APART = %i[air_valve flue].freeze
      READ_FIELDS = %i[name kind ask choices optional only_if on rulebook point fact shown_at
                       of adjusted where].freeze
      # `adjusted`: the work at hand may change it, so that a second value may be how it was left.
      # `where` tells on which visits it is asked.
      Read =
        Struct.new(*READ_FIELDS, keyword_init: true) do
          # Whether an instrument connected at a point reads this.
          def at?(connected) = APART.find { |one| one.to_s == connected.to_s } == point

          def applies?(heater) = on.nil? || on.call(heater)

          def asked?(visit)
            applies?(visit.heater) && (rulebook.nil? || visit.rules.book.is?(rulebook)) &&
              (where.nil? || where.call(visit)) &&
              (only_if.nil? || only_if.all? { |name, word| visit.choice(name) == word })
          end

          def wanted?(visit) = !optional && asked?(visit)
        end
      # A wait after the hands are free: seconds for a heater (and, where it hangs on it, the level
      # from which it begins), its class, what must stay as it is meanwhile, and what it makes true
      # when it ends.
      Wait = Struct.new(:seconds, :manner, :holds, :makes, :label, keyword_init: true)

      LOOK_ONLY = "This visit only looks: nothing is operated."

      @all = {}
      class << self
        def define(id, &block)
          @all[id] = new(id).tap { |operation| operation.instance_eval(&block) }.declared
        end

        def all = @all.values
        def ids = @all.keys

        # Those that read something by a name, and those that look over a group of the inspection.
        def that_read(name) = (@by_reading ||= index { |one| one.reads.map(&:name) })[name] || []
        def that_look(group) = (@by_group ||= index { |one| [one.looks] })[group] || []

        # The name of a reading of a part, where the same is read of several; of: nil for the usual.
        def reading(name, of) = of.nil? ? name.to_sym : :"#{name}.#{of}"

        def [](id)
          @all.fetch(id.to_sym) do
            raise NotFound.new(
              Message.of("There is no operation “{id}”; there are: {known}.",
                         id:, known: @all.keys.join(", ")),
              field: :operation
            )
          end
        end

        private

        def index
          all.each_with_object({}) do |one, found|
            yield(one).uniq.each { |key| (found[key] ||= []) << one }
          end
        end
      end

      attr_reader :id, :reads, :cautions, :looks

      def initialize(id)
        @id = id
        @needs = {}
        @makes = {}
        @makes_during = {}
        @reads = []
        @cautions = []
        @hands_on = 30
        @after = []
        @applies = ->(_) { true }
      end

      # -- declaration: with an argument these set, without one they tell --------------------
      # photographs: what is photographed at it each year, to lay the years side by side.
      %i[title because how instrument place photographs].each do |name|
        define_method(name) do |text = nil|
          text ? instance_variable_set(:"@#{name}", text) : instance_variable_get(:"@#{name}")
        end
      end

      def part(id = nil) = id ? @part = id : @part || :heater
      def needs(conditions = nil) = conditions ? @needs.merge!(conditions) : @needs
      def makes(effects = nil) = effects ? @makes.merge!(effects) : @makes

      # What is otherwise only while it is being done, so that a wait that holds it would be
      # disturbed.
      def makes_during(effects = nil) = effects ? @makes_during.merge!(effects) : @makes_during

      # What it takes apart and puts together again, as that is meanwhile: {variable: value}. Where
      # it is broken off in the midst, it is left so.
      def apart(conditions = nil)
        return @apart || {} unless conditions

        @apart = conditions
        whole = conditions.to_h { |name, _| [name, StateSpace.values(name).first] }
        makes(whole)
        makes_during(conditions)
      end

      # Soft order: these go first when they are in the same plan.
      def after(*ids) = ids.empty? ? @after : @after.concat(ids)

      # Readings as found that go before it, unless other work has them taken again afterwards.
      def found_first(*ids) = ids.empty? ? @found_first || [] : @found_first = ids

      def read(name, kind, ask, choices: nil, of: nil, only_if: nil, **more)
        only_if = only_if&.to_h { |other, word| [Operation.reading(other, of), word] }
        @reads << Read.new(name: Operation.reading(name, of), of:, ask:, choices:, only_if:,
                           kind: choices ? :choice : kind, **more)
      end

      # Fields of the heater's record that matter here, and why; asked where they are not known.
      def wants(*fields, because: nil)
        return @wants || {} if fields.empty?

        @wants = wants.merge(fields.to_h { |field| [field, because] })
      end

      # House rules that say how it is done, shown with it.
      def house_rules(*questions) = questions.empty? ? @house_rules || [] : @house_rules = questions
      # The trade that the law may restrict it to, where it is not that of its part: :gas,
      # :electrical, …
      def trade(id = nil) = id ? @trade = id : @trade
      # Brings people back in, where everybody had to go out.
      def comes_back = @comes_back = true
      def comes_back? = @comes_back || false
      # The variables for whose sake it is done, where it changes others besides.
      def serves(*names) = names.empty? ? @serves : @serves = names
      # Comes at once when it can: nothing else is begun before it.
      def immediate = @immediate = true
      def immediate? = @immediate || false
      # Belongs to recommissioning: goes after everything that was taken apart.
      def recommissions = @recommissions = true
      def recommissions? = @recommissions || false
      # Is only done where a job asks for it, never on the way to something else.
      def only_when_asked = @only_when_asked = true
      def helper? = !@only_when_asked
      # Takes heat, gas, power or water away: done at once where a danger calls for it.
      def secures = @secures = true
      def secures? = @secures || false
      # Lets hot water out, or takes the cold away from it.
      def lets_hot_out = @lets_hot_out = true
      def lets_hot_out? = @lets_hot_out || false
      # Uses the heat for something else than its proof: goes after the proof of what was mended.
      def uses_heat = @uses_heat = true
      def uses_heat? = @uses_heat || false
      # Proves what protects once the water is heated: of a new one before heat is given back.
      def before_heat = @before_heat = true
      def before_heat? = @before_heat || false
      # Only on the way to leaving: what is still to be used is not put away before.
      def packs_up = @packs_up = true
      def packs_up? = @packs_up || false
      # Belongs to every visit, whatever it is for.
      def every_visit = @every_visit = true
      def every_visit? = @every_visit || false
      # Is done whatever danger stands: who goes, or comes back cleared, asks none.
      def whatever_stands = @whatever_stands = true
      def whatever_stands? = @whatever_stands || false
      # A way to leave the heater (:in_service, :made_safe, :evacuated, :against_advice): what must
      # be true for it is true when the visit is signed.
      def way_to_leave(way = nil) = way ? @way_to_leave = way : @way_to_leave

      # May be done again in the same visit though its readings are there.
      def repeatable = @repeatable = true
      def repeatable? = @repeatable || false

      # Goes after everything else that was asked for.
      def last = @last = true
      def last? = @last || false

      # What has to be at hand: shown on the step and in the list for the van.
      def tools(*names) = names.empty? ? @tools || [] : @tools = names
      def materials(*names) = names.empty? ? @materials || [] : @materials = names

      # Everything to have at hand for it: tools, and the instruments named for it.
      def equipment = tools + instrument.to_s.split(/, (?!at least)/)

      def caution(*ids) = @cautions.concat(ids)
      def hands_on(seconds = nil) = seconds ? @hands_on = seconds : @hands_on

      def wait(seconds = nil, manner: :on_site, holds: {}, makes: {}, label: nil, &block)
        return @wait unless seconds || block

        @wait = Wait.new(seconds: block || proc { seconds }, manner:, holds:, makes:, label:)
      end

      # Water that runs to waste, in m3, of a heater.
      def water_wasted(&block) = block ? @water_wasted = block : @water_wasted || ->(_) { 0 }

      # The part of the screen that leads through it, where it has one of its own; and the facts
      # of the trade that it needs: a Hash, or a block that makes one of a visit.
      def guide(name = nil, **facts, &block)
        return @guide unless name

        @guide_facts = block || ->(_) { facts }
        @guide = name
      end

      def guide_facts(visit) = @guide_facts&.call(visit) || {}
      # The kind of part that is fitted, to be matched by specification.
      def part_kind(kind = nil) = kind ? @part_kind = kind : @part_kind

      # The protection that it tests, as it is called, and the checks, or items of the inspection,
      # whose verdict tells of it; :none where it tests none. Without checks its step tells.
      def protects(name = nil, told_by: [])
        return @protects unless name

        @protects = [name, told_by]
      end

      # Whether the maker may have to pay for it: claimed before it is bought.
      def warranty_first = @warranty_first = true
      def warranty_first? = @warranty_first || false
      # Where a house rule moves it out of its usual place: a block that makes of the rules
      # :after_work (after all work that needs the heat away), :with_work (in the midst of that),
      # or nil.
      def reschedule_by(&block) = @reschedule_by = block
      def rescheduled(rules) = @reschedule_by&.call(rules)

      # Readings and items of the inspection that it makes out of date, what it changes in the
      # heater's record (field: the reading that tells it, or a value), and the proofs that it owes:
      # always, or under one rulebook.
      def renews(*names, record: nil)
        @record = record if record
        names.empty? ? @renews || [] : @renews = names
      end

      def record = @record || {}
      def owes(*ids, under: nil) = (@owes ||= []).concat(ids.map { |id| [id, under] })

      # What it owes under some rules.
      def owed(rules)
        (@owes || []).filter_map { |id, under| id if under.nil? || rules.book.is?(under) }
      end

      # The reading that shows that it is “already so”, where a hand depends on it; and what must be
      # true for that to be believed: its needs of these variables.
      def shown_by(reading = nil, *agreeing)
        return @shown_by unless reading

        @shown_by = [reading, agreeing]
      end

      # Not done where one of these is asked for too: nothing is serviced that the same visit
      # replaces.
      def spared_by(*ids) = ids.empty? ? @spared_by || [] : @spared_by = ids

      # A plain act may be said together with others, by one touch, and is then marked so; `says`
      # are the answers that it means to have done it: {reading: word}. What protects a hand or a
      # house is said by itself (spec/core/declared_spec.rb).
      def plain_act(**says) = @plain_act = says
      def plain_act? = !@plain_act.nil?
      def says = @plain_act || {}

      # Readings that are shown again here, as they were written down before.
      def recalls(*names) = names.empty? ? @recalls || [] : @recalls = names

      # A calculation that helps here; `gives` says which reading an input or output of it can
      # become.
      def calculator(id, gives: {}) = calculators << [id, gives]
      def calculators = @calculators ||= []

      # Observations made here: the group of Look items.
      def look_over(group) = @looks = group
      # A decision taken here, kept by this name: :consent.
      def decides(name = nil) = name ? @decides = name : @decides
      # On which heaters it is to be done at all.
      def applies_to(&block) = @applies = block
      # Text why it may not be done on this visit, or nil; from policy, consent or what was found.
      def forbidden(&block) = @forbidden = block
      # Text why it need not be done any more, or nil.
      def superfluous(&block) = @superfluous = block
      # Effects that depend on what was read: a Hash from a visit.
      def makes_from_readings(&block) = @makes_from_readings = block

      # Needs that a house rule changes: a Hash from the rules in force.
      def needs_under_house_rules(&block) = @needs_under_house_rules = block

      # Needs in some circumstances of a visit: {circumstance => {variable => value}}.
      def needs_when(circumstance = nil, **conditions)
        return @needs_when || {} unless circumstance

        @needs_when = needs_when.merge(circumstance => conditions)
      end

      # Needs that a heater adds: a Hash from it.
      def needs_on(&block) = @needs_on = block

      # As declared, it stays: what never changes is only expanded once (StateSpace#expand).
      def declared
        @needs[:looked] ||= :yes if work?
        [needs, makes, @makes_during, @wait&.makes, @wait&.holds].each(&:freeze)
        self
      end

      # -- use --------------------
      def needs_under(rules, heater = nil)
        more = @needs_under_house_rules&.call(rules) || {}
        more = more.merge(@needs_on.call(heater)) if heater && @needs_on
        more.empty? ? needs : needs.merge(more)
      end

      def applies?(heater) = @applies.call(heater)

      def forbidden_because(visit)
        return LOOK_ONLY if operates? && visit.look_only?

        @forbidden&.call(visit)
      end

      def superfluous_because(visit) = @superfluous&.call(visit)

      # Effects once done in this visit: those always made, and those from what was read.
      def effects(visit, read = read_effects(visit)) = read.empty? ? makes : makes.merge(read)
      def read_effects(visit) = @makes_from_readings&.call(visit) || {}

      # What has to be proved again after something was taken apart.
      DISTURBED = %i[water_joints gas_joints lit_joints controls as_found].freeze
    end
  end
end
