# frozen_string_literal: true

# The input as clocked, against the plate: at most 5 % over for measuring, not 10 % under. From
# memory.
Munimen::Judgement::Check.define :gas_input_clocked, part: :burner do
  on_page 260, "Gas input"
  uses :gas_input_read
  judge do |visit|
    plate = visit.heater.input
    read = visit.quantity(:gas_input_read)
    next not_tested("The plate's input is not recorded.", measured: read) unless plate

    source = Munimen::Source.from_memory(
      "Input at most 5 % over the plate, for measuring, and not 10 % under"
    )
    limit = plate.format(visit.units)
    share = read.si / plate.si
    more = {
      source:,
      measured: read,
      who: :gas,
      explain: "The burner does not burn as much gas as its plate says."
    }
    if share > 1.05
      finding(
        :defect,
        "#{((share - 1) * 100).round} % more gas than the plate's #{limit}.",
        **more,
        due_in: 7,
        remedy: "Set the manifold to its plate; check the orifice."
      )
    elsif share < 0.9
      finding(
        :watch,
        "#{((1 - share) * 100).round} % less gas than the plate's #{limit}.",
        **more,
        due_in: 90,
        remedy: "Pressures in three states; orifice and burner clean."
      )
    else
      sound("The input is that of its plate.", measured: read)
    end
  end
end
