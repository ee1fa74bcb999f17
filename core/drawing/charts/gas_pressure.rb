# frozen_string_literal: true

# The pressure falling through its states.
Munimen::Drawing::Chart.define :gas_pressure do
  bars do |result|
    %i[line standing operating manifold meter_working appliance_working].map { |name| [name.to_s.tr("_", " ").capitalize, result.inputs[name]] }
  end
  level("least inlet") { |r| r.inputs[:minimum_inlet] }
  level("plate") { |r| r.inputs[:plate_manifold] }
end
