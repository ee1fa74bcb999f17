# frozen_string_literal: true

# Texts as they stand on pages that were signed with an earlier version, and are said otherwise now.
Munimen::Words::Language[:es].texts <<~TEXTS
  Hot water at your {tap} can burn: test it with your hand before a child or an older person uses
      it.
    El agua de su llave de agua caliente puede quemar: mézclela con fría y compruébela con un
      termómetro antes de que la use un niño o una persona mayor.
  Smell gas? Do not touch switches or phones inside: go out and call from there.
    ¿Huele a gas? Adentro no toque interruptores ni teléfonos: salga, aléjese y llame desde afuera a
      la emergencia de gas o a los bomberos.
TEXTS
