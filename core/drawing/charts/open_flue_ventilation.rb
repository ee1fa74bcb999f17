# frozen_string_literal: true

Munimen::Drawing::Chart.define(:open_flue_ventilation, &:openings)
