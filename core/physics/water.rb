# frozen_string_literal: true

module Munimen
  module Physics
    # Properties of liquid water, in SI. Density up to 100 °C by Kell, J. Chem. Eng. Data 20
    # (1975) 97, at one atmosphere; above that, and for all else, IAPWS-IF97: region 1 for the
    # liquid, region 4 for saturation. Coefficients from memory, checked against the published
    # tables 5 and 35 of IF97.
    #
    #   Water.density(293.15) # => 998.204 kg/m3
    module Water
      R = 461.526 # J/kg/K
      ATMOSPHERE = 101_325.0 # Pa

      # Exponents I, J and coefficient n of region 1, IF97 table 2.
      REGION1 = [
        [0, -2, 0.14632971213167],
        [0, -1, -0.84548187169114],
        [0, 0, -0.37563603672040e1],
        [0, 1, 0.33855169168385e1],
        [0, 2, -0.95791963387872],
        [0, 3, 0.15772038513228],
        [0, 4, -0.16616417199501e-1],
        [0, 5, 0.81214629983568e-3],
        [1, -9, 0.28319080123804e-3],
        [1, -7, -0.60706301565874e-3],
        [1, -1, -0.18990068218419e-1],
        [1, 0, -0.32529748770505e-1],
        [1, 1, -0.21841717175414e-1],
        [1, 3, -0.52838357969930e-4],
        [2, -3, -0.47184321073267e-3],
        [2, 0, -0.30001780793026e-3],
        [2, 1, 0.47661393906987e-4],
        [2, 3, -0.44141845330846e-5],
        [2, 17, -0.72694996297594e-15],
        [3, -4, -0.31679644845054e-4],
        [3, 0, -0.28270797985312e-5],
        [3, 6, -0.85205128120103e-9],
        [4, -5, -0.22425281908000e-5],
        [4, -2, -0.65171222895601e-6],
        [4, 10, -0.14341729937924e-12],
        [5, -8, -0.40516996860117e-6],
        [8, -11, -0.12734301741641e-8],
        [8, -6, -0.17424871230634e-9],
        [21, -29, -0.68762131295531e-18],
        [23, -31, 0.14478307828521e-19],
        [29, -38, 0.26335781662795e-22],
        [30, -39, -0.11947622640071e-22],
        [31, -40, 0.18228094581404e-23],
        [32, -41, -0.93537087292458e-25]
      ].freeze

      # Region 4, IF97 table 34.
      REGION4 = [0.11670521452767e4, -0.72421316703206e6, -0.17073846940092e2, 0.12020824702470e5,
                 -0.32325550322333e7, 0.14915108613530e2, -0.48232657361591e4, 0.40511340542057e6,
                 -0.23855557567849, 0.65017534844798e3].freeze

      MOST_KEPT = 4000 # temperatures whose specific heat is kept
      private_constant :MOST_KEPT

      module_function

      # Density in kg/m3 of the liquid at a temperature in K, at the greater of saturation and one
      # atmosphere.
      def density(temperature)
        if temperature <= 373.15
          kell(temperature - 273.15)
        else
          density_at(temperature, liquid_pressure(temperature))
        end
      end

      # Density in kg/m3 at a temperature in K and an absolute pressure in Pa, by IF97.
      def density_at(temperature, pressure)
        pressure / (R * temperature * pi(pressure) * gamma_pi(temperature, pressure))
      end

      # Isobaric specific heat in J/kg/K of the liquid at a temperature in K, and at an absolute
      # pressure in Pa; without one, at the greater of saturation and one atmosphere. A course of
      # warming asks for the same temperatures again whenever only its pressures have changed.
      def specific_heat(temperature, pressure = nil)
        return heat_at(temperature, pressure) if pressure

        @kept = {} if @kept.nil? || @kept.size > MOST_KEPT
        @kept[temperature] ||= heat_at(temperature, liquid_pressure(temperature))
      end

      def heat_at(temperature, pressure)
        tau = 1386.0 / temperature
        x = 7.1 - pi(pressure)
        y = tau - 1.222
        sum = REGION1.sum do |i, j, n|
          j.zero? || j == 1 ? 0.0 : n * (x**i) * j * (j - 1) * (y**(j - 2))
        end
        -R * tau * tau * sum
      end

      # Specific enthalpy in J/kg.
      def enthalpy(temperature, pressure = liquid_pressure(temperature))
        x = 7.1 - pi(pressure)
        y = (1386.0 / temperature) - 1.222
        R * 1386.0 * REGION1.sum { |i, j, n| j.zero? ? 0.0 : n * (x**i) * j * (y**(j - 1)) }
      end

      # Saturation pressure in Pa absolute at a temperature in K (273.15–647 K).
      def vapour_pressure(temperature)
        n = REGION4
        theta = temperature + (n[8] / (temperature - n[9]))
        a = (theta**2) + (n[0] * theta) + n[1]
        b = (n[2] * (theta**2)) + (n[3] * theta) + n[4]
        c = (n[5] * (theta**2)) + (n[6] * theta) + n[7]
        ((2 * c / (-b + Math.sqrt((b * b) - (4 * a * c))))**4) * 1e6
      end

      # Part of its volume that water gains when it warms from one temperature in K to another.
      def expansion(cold, hot) = (density(cold) / density(hot)) - 1.0

      def liquid_pressure(temperature) = [vapour_pressure(temperature), ATMOSPHERE].max

      # Kell's formula, t in °C, valid 0–150 °C.
      def kell(t)
        (
          999.83952 +
            (
              t *
                (
                  16.945176 +
                    (
                      t *
                        (
                          -7.9870401e-3 +
                            (t * (-46.170461e-6 + (t * (105.56302e-9 + (t * -280.54253e-12)))))
                        )
                    )
                )
            )
        ) / (1 + (16.879850e-3 * t))
      end

      def pi(pressure) = pressure / 16.53e6

      def gamma_pi(temperature, pressure)
        x = 7.1 - pi(pressure)
        y = (1386.0 / temperature) - 1.222
        REGION1.sum { |i, j, n| i.zero? ? 0.0 : -n * i * (x**(i - 1)) * (y**j) }
      end
      private_class_method :kell, :pi, :gamma_pi, :heat_at
    end
  end
end
