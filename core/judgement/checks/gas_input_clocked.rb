# frozen_string_literal: true

# The input as clocked, against what the plate allows where the heater stands: at most 5 % over for
# measuring, not 10 % under. From memory. A clocked input is gross; a plate in net is 1.11 times
# that.
Munimen::Judgement::Check.define :gas_input_clocked, part: :burner do
  on_page 260, "Gas input"
  uses :gas_input_read
  judge do |visit|
    heater = visit.heater
    plate = heater.input
    read = visit.quantity(:gas_input_read)
    next not_tested("The plate's input is not recorded.", measured: read) unless plate

    england = visit.rules.book.is?(:england_g3)
    if england && heater.plate_basis == :unknown
      next not_tested("Whether the plate is in gross or net is not recorded.", measured: read)
    end

    high = heater.altitude || (england ? Munimen::Measure::Quantity.new(:altitude, 0.0) : nil)
    canada = visit.rules.book.id == :canada_npc
    allowed = plate.si * (heater.plate_basis == :net ? 1.11 : 1) *
              (high ? Munimen::Physics::Derating.share(high.si, canada:) : 1)
    source = Munimen::Source.from_memory(
      "Input at most 5 % over what the plate allows at this altitude, for measuring, and not " \
      "10 % under"
    )
    limit = Munimen::Measure::Quantity.new(:power, allowed).format(visit.units)
    share = read.si / allowed
    more = {
      source:,
      measured: read,
      who: :gas,
      explain: "The burner does not burn as much gas as its plate says."
    }
    if share > 1.05
      finding(
        :defect,
        msg("{percent} % more gas than the {limit} allowed here.",
            percent: ((share - 1) * 100).round, limit:),
        **more,
        due_in: 7,
        remedy: "Set the manifold to its plate; check the orifice for this altitude."
      )
    elsif high.nil?
      not_tested(
        "How high above the sea it stands is not recorded: above 2,000 ft (610 m) less is " \
        "allowed.",
        measured: read
      )
    elsif share < 0.9
      finding(
        :watch,
        msg("{percent} % less gas than the {limit} allowed here.",
            percent: ((1 - share) * 100).round, limit:),
        **more,
        due_in: 90,
        remedy: "Pressures in three states; orifice and burner clean."
      )
    else
      sound("The input is what its plate allows here.", measured: read)
    end
  end
end
