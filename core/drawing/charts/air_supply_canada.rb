# frozen_string_literal: true

Munimen::Drawing::Chart.define(:air_supply_canada, &:openings)
