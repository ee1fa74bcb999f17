# frozen_string_literal: true

# As it is written in Canada.
smell = lambda do |whom|
  "Ça sent le gaz? N'actionnez à l'intérieur ni interrupteur ni téléphone : sortez, " \
    "éloignez-vous et appelez de dehors #{whom}."
end
Munimen::Words::Language.define(
  :fr,
  name: "Français",
  terms: {
    us: {
      near_pipes: "les deux premiers pieds",
      bath: "au bain ou à la douche",
      cut_out: "limiteur",
      gas_emergency: smell["le 911 ou votre compagnie de gaz"],
      lpg_emergency: smell["le 911 ou votre fournisseur de propane"],
      any_gas_emergency: smell["le 911 ou votre fournisseur de gaz"]
    },
    canada: {
      near_pipes: "les 600 premiers mm",
      bath: "au bain ou à la douche",
      cut_out: "limiteur",
      gas_emergency: smell["le 911 ou la ligne d'urgence de la compagnie de gaz"],
      lpg_emergency: smell["le 911 ou la ligne d'urgence de votre fournisseur de propane"],
      any_gas_emergency: smell["le 911 ou la ligne d'urgence de votre fournisseur de gaz"]
    },
    england: {
      near_pipes: "le premier mètre",
      bath: "au bain",
      cut_out: "coupe-circuit",
      gas_emergency: smell["le 0800 111 999, la porte laissée ouverte"],
      lpg_emergency: smell["le numéro d'urgence de votre fournisseur de GPL, sur le réservoir, " \
                           "la bouteille ou la facture, la porte laissée ouverte"],
      any_gas_emergency: smell["le 0800 111 999 pour le gaz de ville, ou le numéro de votre " \
                               "fournisseur de GPL, sur le réservoir, la bouteille ou la " \
                               "facture, la porte laissée ouverte"]
    }
  },
  months: %w[
    janvier février mars avril mai juin juillet août septembre octobre novembre décembre
  ],
  dates: { day: "%<day>d %<month>s %<year>d", month: "%<month>s %<year>d" },
  courtesy: "Traduction de courtoisie. L'original anglais, qui a été signé, fait foi."
)
