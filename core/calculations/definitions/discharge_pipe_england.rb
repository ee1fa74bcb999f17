# frozen_string_literal: true

# 1/2 in outlet, 7 m, 3 bends: 22 mm takes 9.4 m of 9 – no; 28 mm 10 m of 18 – yes.
Munimen::Calculations::Calculation.define :discharge_pipe_england do
  title "Discharge pipes D1 and D2, by equivalent length"
  choice :outlet, %w[1/2 3/4 1], note: "of the relief valve, in"
  input :length, :length, unit: { us: "m", england: "m", si: "m" }, note: "of D2, along the pipe"
  input :bends, :number, default: "0", note: "elbows and formed bends alike"
  choice :shared,
         %w[no yes],
         default: "no",
         note: "D2 of several systems (six at most); length and bends of the longest"
  output :d1_size, :length, unit: "mm"
  output :d2_size, :length, unit: "mm", note: "none beyond the table"
  output :resistance_used, :length, unit: "m"
  output :resistance_allowed, :length, unit: "m"
  table = Munimen::Source.published("Approved Document G", "table 3.1", clause: :from_memory)
  source table

  compute do |i|
    bends = i[:bends].si
    unless bends >= 0 && bends == bends.to_i
      raise Munimen::Error.new(
        "bends must be a whole number, 0 or more.",
        field: :bends,
        code: :out_of_range
      )
    end

    Munimen::Calculations::Limits.positive(i[:length], :length)
    sizes = Munimen::Physics::DischargeTable
    row, used = sizes.d2(i[:outlet], i[:length].si, bends)
    size = row && (i[:shared] == "yes" ? sizes.next_size(row.d2) : row.d2)
    last = sizes::TABLE.fetch(i[:outlet]).last.last
    used ||= i[:length].si + (bends * last.bend)
    allowed = (row || last).allowed
    judged = Munimen::Calculations::Judged.new(:discharge_pipe_england)
    reason = { measured: "#{used.round(1)} m", limit: "#{allowed.round} m", source: table }
    enough = "{size} mm copper carries it."
    larger = "{size} mm copper carries it, one size up because it is shared."
    if size
      judged.add(
        :sound,
        msg(i[:shared] == "yes" ? larger : enough, size:),
        **reason
      )
    else
      judged.add(
        :defect,
        "Beyond the table: shorten the run, take out bends, or have it designed.",
        **reason
      )
    end
    {
      d1_size: sizes.d1(i[:outlet]) / 1000.0,
      d2_size: size && (size / 1000.0),
      resistance_used: used,
      resistance_allowed: allowed,
      judged: judged.verdict
    }
  end
end
