# frozen_string_literal: true

require_relative "plan_reader/acts"
require_relative "plan_reader/tank"
require_relative "plan_reader/order_of_work"
require_relative "plan_reader/idle"

# A plan read step by step as a master plumber reads it, with the handbook and nothing else: what
# each act does to the heater, which order §§22, 24 and 26 demand, and what is done for nothing.
# It knows no need, no effect and no job of the product; each rule names its sentence.
class PlanReader
  include Tank
  include OrderOfWork
  include Idle

  Fault = Struct.new(:kind, :rule, :at, :act)

  # heater: an Installation; house: the school of a question; consent: whether it was given before;
  # safe: whether an earlier visit left it made safe; dangers: [{mend:, prove:, …}] known before
  # the plan begins.
  def initialize(heater, house: ->(_) {}, consent: false, safe: false, dangers: [])
    @heater = heater
    @house = house
    @consent = consent
    @dangers = dangers
    as_it_stands(safe)
  end

  # [Fault] of a plan: ids in their order.
  def read(ids)
    @ids = ids
    @faults = []
    ids.each_with_index do |id, at|
      @at = at
      @id = id
      before
      happens
    end
    order
    idle
    @faults
  end

  private

  def broken(rule) = @faults << Fault.new(:broken, rule, @at, @id)
  def senseless(rule, at = @at) = @faults << Fault.new(:senseless, rule, at, @ids[at])
  def must(rule, holds) = holds || broken(rule)
  def index(id) = @ids.index(id)
  def at(*ids) = ids.filter_map { |id| index(id) }.min
  def last(*ids) = ids.filter_map { |id| @ids.rindex(id) }.max

  def electric?
    %i[electric_storage unvented_direct heat_pump unvented_heat_pump].include?(@heater.kind)
  end

  def gas? = @heater.kind == :gas_storage
  def elements? = electric? || immersion?

  def immersion?
    @heater.kind == :unvented_indirect && @heater.backup_immersion == :yes
  end

  def standing(which = nil)
    @dangers.select { |one| !one[:mended] && (which.nil? || one[which]) }
  end
end
