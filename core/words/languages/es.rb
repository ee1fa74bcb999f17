# frozen_string_literal: true

Munimen::Words::Language.define(
  :es,
  name: "Español",
  terms: {
    us: {
      heater: "calentador",
      **%i[gas_emergency lpg_emergency any_gas_emergency].to_h do |name|
        [name, "¿Huele a gas? Dentro no toque interruptores ni teléfonos: salga y llame desde " \
               "fuera."]
      end
    },
    canada: {
      heater: "calentador",
      **{
        gas_emergency: "la compañía de gas",
        lpg_emergency: "su suministrador de propano",
        any_gas_emergency: "su suministrador de gas"
      }.transform_values do |whose|
        "¿Huele a gas? Dentro no toque interruptores ni teléfonos: salga y llame desde fuera al " \
          "911 o a la línea de emergencia de #{whose}."
      end
    },
    england: {
      heater: "cilindro",
      gas_emergency: "¿Huele a gas? Dentro no toque interruptores ni teléfonos: salga, deje la " \
                     "puerta abierta y llame desde fuera al 0800 111 999.",
      lpg_emergency: "¿Huele a gas? Dentro no toque interruptores ni teléfonos: salga, deje la " \
                     "puerta abierta y llame desde fuera al número de emergencia de su " \
                     "suministrador de GLP, que está en el tanque, la botella o la factura.",
      any_gas_emergency: "¿Huele a gas? Dentro no toque interruptores ni teléfonos: salga, deje " \
                         "la puerta abierta y llame desde fuera: gas de red 0800 111 999; GLP, " \
                         "el número del suministrador, en el tanque, la botella o la factura."
    }
  },
  months: %w[
    enero febrero marzo abril mayo junio julio agosto septiembre octubre noviembre diciembre
  ],
  dates: { day: "%<day>d de %<month>s de %<year>s", month: "%<month>s de %<year>s" },
  courtesy: "Traducción de cortesía. Vale el original en inglés, que es el que se firmó."
)
