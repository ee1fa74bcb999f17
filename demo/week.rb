# frozen_string_literal: true

module Munimen
  module Demo
    # The coming week of the demo firm: where its customers live, some more of them, and what was
    # booked, in the order in which it was. Places are kilometres east and north of the yard.
    module Week
      YARD = [45.0, -70.0].freeze
      KM = 1 / 111.2 # degrees of latitude

      PLACES = {
        "Wren Abernathy-Cole" => [3.1, 1.2],
        "Dario Quillfeather" => [-2.4, 5.0],
        "Harrowmere Rowing Club" => [0.6, -1.1],
        "Noor & Pim Vandersloot" => [7.9, -6.2],
        "Tobias Emberly" => [8.8, -7.4],
        "Lark Street Bakery" => [0.3, 0.9],
        "Isolde Farthing-Bray" => [-11.5, 9.7],
        "Marigold Thackeray-Poole" => [-9.2, -4.1]
      }.freeze
      AT_RISK = ["Wren Abernathy-Cole"].freeze

      # name, address, place, kind.
      MORE = [
        ["Osric Fennimore", "12 Tannery Walk, Harrowmere", [1.4, 2.2], :gas],
        ["Petra Glasswell", "5 Heron Close, Low Harrow", [7.2, -5.6], :electric],
        ["Juniper Ashdown-Lee", "Pear Tree House, Ridge Road", [-10.8, 8.9], :gas],
        ["St. Alder's Parish Hall", "2 Chapel Green, Harrowmere", [-0.8, 1.6], :electric],
        ["Caspian Rook", "19 Sluice Lane, Low Harrow", [9.4, -6.9], :gas],
        ["Bramble & Pike Dental", "30 Lantern Hill, Harrowmere", [-2.2, 4.7], :electric],
        ["Hester Loxwood", "1 Quarry Bend, Low Harrow", [8.1, -6.0], :gas],
        ["Ezra Windle", "8 Moor View, Nether Harrow", [-8.6, -3.5], :electric],
        ["Tamsin Orchard", "Mill Cottage, Nether Harrow", [-9.9, -4.8], :gas],
        ["Lorcan Vale", "22 Ferry Steps, Harrowmere", [1.1, -1.6], :gas],
        ["Odette Greaves", "4 Ridge Road", [-9.7, 8.2], :electric],
        ["Fable & Finch Books", "61 Lark Street, Harrowmere", [0.5, 1.3], :electric]
      ].freeze

      # In the order of booking: customer, jobs, promised hours of a day of the week (0 is
      # Monday), or nil.
      BOOKED = [
        ["Juniper Ashdown-Lee", %i[annual_safety], nil],
        ["Petra Glasswell", %i[annual_safety flush], nil],
        ["Osric Fennimore", %i[annual_safety], [1, 9, 11]],
        ["Ezra Windle", %i[annual_safety], nil],
        ["Caspian Rook", %i[annual_safety], nil],
        ["Odette Greaves", %i[annual_safety check_elements], nil],
        ["St. Alder's Parish Hall", %i[annual_safety], [0, 13, 15]],
        ["Hester Loxwood", %i[annual_safety], nil],
        ["Tamsin Orchard", %i[annual_safety], nil],
        ["Fable & Finch Books", %i[pressure_check], [2, 8, 10]],
        ["Bramble & Pike Dental", %i[annual_safety], [3, 12, 14]],
        ["Lorcan Vale", %i[annual_safety inspect_anode], nil],
        ["Isolde Farthing-Bray", %i[annual_safety], nil],
        ["Noor & Pim Vandersloot", %i[annual_safety], [2, 13, 16]],
        ["Harrowmere Rowing Club", %i[annual_safety], nil],
        ["Wren Abernathy-Cole", %i[pressure_check], [4, 8, 11]],
        ["Lark Street Bakery", %i[pressure_check], [1, 10, 12]],
        ["Tobias Emberly", %i[replace_relief_valve], nil]
      ].freeze

      module_function

      # [latitude, longitude] of a place.
      def degrees((east, north))
        [
          (YARD[0] + (north * KM)).round(5),
          (YARD[1] + (east * KM / Math.cos(YARD[0] * Math::PI / 180))).round(5)
        ]
      end

      # The Monday after a day.
      def monday(date) = (date + 1).step(date + 7).find(&:monday?)
    end
  end
end
