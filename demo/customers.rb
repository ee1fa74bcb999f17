# frozen_string_literal: true

module Munimen
  module Demo
    # The invented customers and heaters of the demo firm; `truth` is what each heater really is.
    module Customers
      GAS = {
        kind: "gas_storage",
        hood: "open",
        ignition: "pilot_thermocouple",
        working_pressure: "150",
        relief_set_pressure: "150",
        relief_rating: "105000",
        regulator: "yes",
        backflow: "no",
        vessel: "external",
        vessel_volume: "2",
        anode: "separate",
        pan: "no"
      }.freeze
      ELECTRIC = {
        kind: "electric_storage",
        element_upper: "4500",
        element_lower: "4500",
        element_voltage: "240",
        working_pressure: "150",
        relief_set_pressure: "150",
        relief_rating: "25000",
        regulator: "yes",
        backflow: "no",
        vessel: "external",
        vessel_volume: "2",
        anode: "separate",
        pan: "yes"
      }.freeze

      # A cylinder of the second address, as far as its two are alike.
      CYLINDER = {
        element_voltage: "230",
        working_pressure: "10",
        plate_pressure: "design",
        set_point: "60",
        cut_out_temperature: "82",
        expansion_relief: "yes",
        expansion_relief_pressure: "6",
        relief_set_pressure: "7",
        relief_set_temperature: "92",
        relief_rating: "18",
        relief_history: "exercised_yearly",
        tundish: "yes",
        relief_outlet: "half",
        d1_length: "400",
        d2_size: "22",
                d2_material: "copper",
        d2_length: "4",
        d2_bends: "2",
        shared_discharge: "no",
        discharge_ends: "outdoors"
      }.freeze

      def self.gas(maker, model, serial, **more) = GAS.merge(maker:, model:, serial:, **more)

      def self.electric(maker, model, serial, **more)
        ELECTRIC.merge(maker:, model:, serial:, **more)
      end

      ALL = [
        {
          name: "Wren Abernathy-Cole",
          phone: "555-0117",
          address: "3 Saltmarsh Row, Harrowmere",
          access: "Key with the neighbor at no. 5.",
          heaters: [
            {
              label: "Basement",
              truth: {
                static: 62,
                charge: 44,
                tap: 119
              },
              findings: {},
              installation:
                gas(
                  "Korvane",
                  "KG-50",
                  "KV50-20417",
                  capacity: "50",
                  input: "40000",
                  location: "basement",
                  discharge_ends: "floor",
                  manufactured: "2019-03",
                  installed: "2019-06",
                  relief_history: "exercised_yearly",
                  set_point: "120"
                )
            }
          ]
        },
        {
          name: "Dario Quillfeather",
          phone: "555-0164",
          address: "28 Lantern Hill, Harrowmere",
          access: nil,
          heaters: [
            {
              label: "Garage",
              truth: {
                static: 71,
                charge: 0,
                tap: 126
              },
              findings: {
                trim_rings: :rippled
              },
              installation:
                gas(
                  "Bellisk",
                  "Hearth 40",
                  "BH-77120",
                  capacity: "40",
                  input: "36000",
                  location: "garage",
                  vessel: "none",
                  backflow: "no",
                  regulator: "no",
                  discharge_ends: "outdoors",
                  manufactured: "2017-09",
                  installed: "2018-01",
                  set_point: "125"
                ).except(:vessel_volume)
            },
            {
              label: "Guest house closet",
              truth: {
                static: 71,
                charge: 70,
                tap: 119
              },
              findings: {},
              installation:
                electric(
                  "Odrun",
                  "E30",
                  "OD-30-5518",
                  capacity: "30",
                  element_upper: "3800",
                  element_lower: "3800",
                  location: "closet",
                  discharge_ends: "pan",
                  manufactured: "2021-02",
                  installed: "2021-05",
                  set_point: "120"
                )
            }
          ]
        },
        {
          name: "Harrowmere Rowing Club",
          phone: "555-0120",
          address: "Boathouse, 1 Ferry Steps",
          access: "Ring the bell twice; caretaker in the loft.",
          heaters: [
            {
              label: "Changing rooms",
              truth: {
                static: 58,
                charge: 57,
                tap: 119
              },
              findings: {},
              installation:
                gas(
                  "Korvane",
                  "KG-75",
                  "KV75-00932",
                  capacity: "75",
                  input: "75100",
                  location: "utility_room",
                  ignition: "pilot_thermopile",
                  vessel_volume: "4.5",
                  discharge_ends: "receptor",
                  manufactured: "2020-10",
                  installed: "2021-01",
                  relief_history: "exercised_yearly",
                  set_point: "120"
                )
            }
          ]
        },
        {
          name: "Noor & Pim Vandersloot",
          phone: "555-0188",
          address: "9 Quarry Bend, Low Harrow",
          access: nil,
          heaters: [
            {
              label: "Utility room",
              truth: {
                static: 66,
                charge: 39,
                tap: 122
              },
              findings: {},
              installation:
                electric(
                  "Odrun",
                  "E50",
                  "OD-50-1187",
                  capacity: "50",
                  location: "utility_room",
                  discharge_ends: "pan",
                  mixing_valve: "yes",
                  manufactured: "2022-06",
                  installed: "2022-08",
                  relief_history: "exercised_yearly",
                  set_point: "140"
                )
            }
          ]
        },
        {
          name: "Tobias Emberly",
          phone: "555-0133",
          address: "41 Mill Race, Low Harrow",
          access: "Dog in the yard.",
          heaters: [
            {
              label: "Cellar",
              truth: {
                static: 74,
                charge: 0,
                tap: 127,
                relief: :seized
              },
              findings: {
                discharge_thread: :threaded,
                service_tag: :none
              },
              installation:
                gas(
                  "Bellisk",
                  "Hearth 50",
                  "BH-50144",
                  capacity: "50",
                  input: "38000",
                  location: "basement",
                  regulator: "no",
                  backflow: "no",
                  vessel: "none",
                  discharge_ends: "floor",
                  manufactured: "2014-04",
                  installed: "2014-07",
                  set_point: "125"
                ).except(:vessel_volume)
            }
          ]
        },
        {
          name: "Lark Street Bakery",
          phone: "555-0109",
          address: "77 Lark Street, Harrowmere",
          access: "Not between 4 and 9 in the morning.",
          heaters: [
            {
              label: "Back kitchen",
              truth: {
                static: 84,
                charge: 80,
                tap: 138,
                street: 110
              },
              findings: {},
              installation:
                electric(
                  "Odrun",
                  "E80",
                  "OD-80-2203",
                  capacity: "80",
                  element_upper: "5500",
                  element_lower: "5500",
                  vessel_volume: "4.5",
                  location: "utility_room",
                  discharge_ends: "floor",
                  recirculation: "yes",
                  manufactured: "2018-11",
                  installed: "2019-02",
                  set_point: "140"
                )
            },
            {
              label: "Flat above",
              truth: {
                static: 60,
                charge: 58,
                tap: 120,
                relief: :drips
              },
              findings: {
                insulation: :bare
              },
              installation:
                electric(
                  "Korvane",
                  "KE-40",
                  "KE40-7781",
                  capacity: "40",
                  location: "closet",
                  discharge_ends: "pan",
                  manufactured: "2020-01",
                  installed: "2020-03",
                  set_point: "120"
                )
            }
          ]
        },
        {
          name: "Isolde Farthing-Bray",
          phone: "555-0151",
          address: "Old Forge, Ridge Road",
          access: "Well pump house is unlocked.",
          heaters: [
            {
              label: "Boiler room",
              truth: {
                static: 48,
                charge: 47,
                tap: 121
              },
              findings: {
                coil_valves: :none
              },
              installation: {
                kind: "boiler_coil",
                maker: "Bellisk",
                model: "Coil 40",
                serial: "BC-40-0317",
                capacity: "40",
                coil_power: "80000",
                coil_control: "circulator",
                working_pressure: "150",
                relief_set_pressure: "150",
                relief_rating: "105000",
                regulator: "no",
                backflow: "yes",
                vessel: "external",
                vessel_volume: "2",
                water_supply: "well",
                anode: "separate",
                pan: "no",
                location: "basement",
                discharge_ends: "floor",
                set_point: "120"
              }
            }
          ]
        },
        {
          name: "Odalys Fenwright",
          phone: "555-0163",
          address: "12 Tannery Walk, Harrowmere",
          access: "Side door; the dog is friendly.",
          heaters: [
            {
              label: "Laundry",
              truth: {
                static: 58,
                charge: 55,
                tap: 121
              },
              findings: {},
              installation:
                ELECTRIC.merge(
                  kind: "heat_pump",
                  maker: "Aldermere",
                  model: "Breeze 50",
                  serial: "AB50-1187",
                  capacity: "50",
                  compressor_power: "1500",
                  heat_pump_elements: "yes",
                  refrigerant: "r134a",
                  set_point: "120",
                  vessel_volume: "4.5",
                  pan: "no",
                  discharge_ends: "floor",
                  location: "utility_room",
                  manufactured: "2022-02",
                  installed: "2022-05",
                  relief_history: "exercised_yearly"
                )
            }
          ]
        },
        {
          name: "Marigold Thackeray-Poole",
          phone: "01632 960 118",
          address: "Weir Cottage, Nether Harrow, England",
          access: "Key safe by the gate.",
          code_profile: "england_g3",
          heaters: [
            {
              label: "Airing cupboard",
              truth: {
                static: 3.0,
                charge: 1.9,
                tap: 61,
                street: 4.4
              },
              findings: {
                inlet_group_seen: :crust
              },
              installation: {
                kind: "unvented_indirect",
                maker: "Ardle",
                model: "Stream 210",
                serial: "AS210-8841",
                capacity: "210",
                coil_power: "22",
                coil_control: "two_port",
                backup_immersion: "yes",
                immersion_power: "3",
                working_pressure: "10",
                plate_pressure: "design",
                set_point: "62",
                cut_out_temperature: "82",
                regulator_setting: "3",
                vessel: "external",
                vessel_volume: "18",
                expansion_relief: "yes",
                expansion_relief_pressure: "6",
                relief_set_pressure: "7",
                relief_set_temperature: "92",
                relief_rating: "28",
                tundish: "yes",
                relief_outlet: "half",
                d1_size: "15",
                d1_length: "720",
                d2_size: "22",
                d2_material: "copper",
                d2_length: "5",
                d2_bends: "3",
                shared_discharge: "no",
                discharge_ends: "gully",
                location: "airing_cupboard",
                mixing_valve: "yes",
                manufactured: "2019-05",
                installed: "2019-08",
                relief_history: "exercised_yearly"
              }
            },
            {
              label: "Annexe",
              truth: {
                static: 3.4,
                charge: 0,
                tap: 60,
                street: 4.4
              },
              findings: {},
              installation: CYLINDER.merge(
                kind: "unvented_direct",
                maker: "Ardle",
                model: "Spring 120",
                serial: "AP120-2207",
                capacity: "120",
                element_lower: "3",
                element_upper: "3",
                regulator_setting: "3.5",
                vessel: "bubble",
                location: "kitchen",
                installed: "2021-03"
              )
            },
            {
              label: "Boot room",
              truth: {
                static: 3.1,
                charge: 3.0,
                tap: 59,
                street: 4.4
              },
              findings: {},
              installation: CYLINDER.merge(
                kind: "unvented_heat_pump",
                maker: "Ardle",
                model: "Gale 200",
                serial: "AG200-0318",
                capacity: "200",
                compressor_power: "1.5",
                heat_pump_elements: "yes",
                element_lower: "1.5",
                regulator_setting: "3",
                vessel: "external",
                vessel_volume: "24",
                location: "utility_room",
                installed: "2023-04"
              )
            }
          ]
        }
      ].freeze
    end
  end
end
