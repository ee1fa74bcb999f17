# frozen_string_literal: true

# When the anode is due, from what inspections found, or by Faraday's law from a powered anode's
# current.
Munimen::Calculations::Calculation.define :anode_life do
  title "When the anode will be used up"
  input :inspections, :inspections, optional: true, note: "a line each: date and part left, 0–1"
  input :replace_at, :number, default: "0.25", note: "part left at which it is replaced"
  input :fitted_on, :date, optional: true, note: "counts as 1"
  input :mass, :mass, optional: true, note: "with alloy and current instead of inspections"
  choice :alloy, %w[magnesium aluminium], default: "magnesium"
  input :current, :current, optional: true, note: "protective current"
  output :rate, :number, note: "part lost in a year"
  output :replace_by, :record, note: "earliest, likely, latest; – where nothing can be said"
  source Munimen::Source.published("Least squares", "through the inspections"),
         Munimen::Source.from_memory("Reading error ±10 %"),
         Munimen::Source.from_memory(
           "Faraday: magnesium 2,205 Ah/kg at 50 %, aluminium 2,980 Ah/kg at 50–85 %"
         )

  compute do |i|
    unless i[:replace_at].si.between?(0, 0.99)
      raise Munimen::Error.new(
        "replace_at must be between 0 and 1.",
        field: :replace_at,
        code: :out_of_range
      )
    end

    life = Munimen::Physics::AnodeLife
    if i[:mass] || i[:current]
      %i[mass current].each do |field|
        unless i[field]
          raise Munimen::Error.new(
            Munimen::Message.of("{field} is missing; mass and current go together.", field:),
            field:,
            code: :missing
          )
        end

        Munimen::Calculations::Limits.positive(i[field], field)
      end
      next life.faraday(
        mass: i[:mass].si,
        alloy: i[:alloy].to_sym,
        current: i[:current].si,
        replace_at: i[:replace_at].si,
        fitted_on: i[:fitted_on]
      )
    end
    points = [*([[i[:fitted_on], 1.0]] if i[:fitted_on]), *i[:inspections]]
    dated = points.map(&:first).uniq.size
    if dated < 2
      raise Munimen::Error.new(
        "inspections must hold two or more dates (fitted_on counts as one).",
        field: :inspections,
        code: :missing
      )
    end

    life.from_inspections(points, i[:replace_at].si)
  end
end
