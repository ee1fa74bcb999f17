# frozen_string_literal: true

Munimen::Words::Language.define(
  :es,
  name: "Español",
  tool: true,
  terms: {
    us: {
      draw: "diez galones",
      isolator: "el breaker o el desconectador",
      gauge_point: "En una llave de manguera, del lado de la casa de cualquier regulador de " \
                   "presión.",
      emergency_service: "a la línea de emergencia de gas o al 911",
      relief_outlet: "el extremo del tubo de la válvula",
      heater: "calentador",
      near_pipes: "los primeros dos pies",
      bath: "la tina o la ducha",
      cut_out: "límite alto",
      **{
        gas_emergency: "la compañía de gas",
        lpg_emergency: "su proveedor de propano",
        any_gas_emergency: "su proveedor de gas"
      }.transform_values do |whose|
        "¿Huele a gas? Adentro no toque interruptores ni teléfonos: salga, aléjese y llame desde " \
          "afuera al 911 o a #{whose}."
      end
    },
    canada: {
      draw: "cuarenta litros",
      isolator: "el breaker o el desconectador",
      gauge_point: "En una llave de manguera, del lado de la casa de cualquier regulador de " \
                   "presión.",
      emergency_service: "a la línea de emergencia de gas o al 911",
      relief_outlet: "el extremo del tubo de la válvula",
      heater: "calentador",
      near_pipes: "los primeros 600 mm",
      bath: "la tina o la ducha",
      cut_out: "límite alto",
      **{
        gas_emergency: "la compañía de gas",
        lpg_emergency: "su proveedor de propano",
        any_gas_emergency: "su proveedor de gas"
      }.transform_values do |whose|
        "¿Huele a gas? Adentro no toque interruptores ni teléfonos: salga y llame desde afuera " \
          "al 911 o a la línea de emergencia de #{whose}."
      end
    },
    england: {
      draw: "cuarenta litros",
      isolator: "el interruptor del circuito o el desconectador",
      gauge_point: "Después del grupo de entrada, en la salida fría equilibrada o en una toma " \
                   "de prueba.",
      emergency_service: "al 0800 111 999 por gas de red, al número de emergencia del proveedor " \
                         "por GLP, al 999 si alguien se siente mal",
      relief_outlet: "el embudo",
      heater: "cilindro",
      near_pipes: "el primer metro",
      bath: "la tina",
      cut_out: "corte térmico",
      gas_emergency: "¿Huele a gas? Adentro no toque interruptores ni teléfonos: salga, deje la " \
                     "puerta abierta y llame desde afuera al 0800 111 999.",
      lpg_emergency: "¿Huele a gas? Adentro no toque interruptores ni teléfonos: salga, deje la " \
                     "puerta abierta y llame desde afuera al número de emergencia de su " \
                     "proveedor de GLP, que está en el tanque, la botella o la factura.",
      any_gas_emergency: "¿Huele a gas? Adentro no toque interruptores ni teléfonos: salga, deje " \
                         "la puerta abierta y llame desde afuera: gas de red 0800 111 999; GLP, " \
                         "el número del proveedor, en el tanque, la botella o la factura."
    }
  },
  months: %w[
    enero febrero marzo abril mayo junio julio agosto septiembre octubre noviembre diciembre
  ],
  dates: { day: "%<day>d de %<month>s de %<year>s", month: "%<month>s de %<year>s" },
  courtesy: "Traducción de cortesía. Vale el original en inglés, que es el que se firmó."
)
