# frozen_string_literal: true

Munimen::Words::Language[:fr].texts <<~TEXTS
  Water entry
    Entrée d'eau
  Pressure regulator
    Régulateur
  Backflow preventer
    Antirefoulement
  Inlet valves
    Robinetterie d'entrée
  Draft hood
    Coupe-tirage
  Cold shut-off
    Arrêt d'eau froide
  Expansion tank
    Réservoir d'expansion
  Air space
    Espace d'air
  Hot outlet
    Sortie chaude
  Recirculation pump
    Pompe de recirculation
  Anode
    Anode
  Dip tube
    Tube plongeur
  T&P valve
    Soupape T-P
  Expansion relief
    Soupape d'expansion
  Air gap fitting
    Coupure d'air
  Discharge pipe
    Tuyau de décharge
  Upper element
    Élément du haut
  Lower element
    Élément du bas
  Back-up element
    Élément d'appoint
  High limit
    Limiteur
  Thermostat
    Thermostat
  Disconnect
    Sectionneur
  Zone valve
    Vanne de zone
  Zone controls
    Commandes de zone
  Coil
    Serpentin
  Tank
    Réservoir
  Gas control
    Commande de gaz
  Gas shut-off
    Robinet de gaz
  Burner
    Brûleur
  Drain pan
    Bac
  Hot faucet
    Robinet chaud
  Discharge end
    Bout de décharge
  The site
    Le lieu
  Water heater
    Chauffe-eau
  expansion tank
    réservoir d'expansion
  a small tank that takes up the water's growth when it heats
    un petit réservoir qui reçoit ce que l'eau gagne en volume quand elle chauffe
  the safety valve that opens if pressure or temperature go too high
    la soupape de sûreté qui s'ouvre si la pression ou la température montent trop
  charge
    pression d'air
  the air pressure in the expansion tank
    la pression d'air dans le réservoir d'expansion
  pressure regulator
    régulateur de pression
  the device that lowers the street's water pressure
    l'appareil qui abaisse la pression de l'eau de la rue
  Mains entry
    Arrivée d'eau
  Reducing valve
    Réducteur
  Check valve
    Clapet antiretour
  Inlet group
    Groupe d'entrée
  Draught diverter
    Coupe-tirage
  Isolating valve
    Robinet d'arrêt
  Expansion vessel
    Vase d'expansion
  Air bubble
    Bulle d'air
  Return pump
    Pompe de retour
  Inlet diffuser
    Diffuseur d'entrée
  T&P relief
    Soupape T-P
  Tundish
    Entonnoir
  D1 and D2
    D1 et D2
  Upper immersion
    Thermoplongeur haut
  Lower immersion
    Thermoplongeur bas
  Immersion
    Thermoplongeur
  Energy cut-out
    Coupe-circuit
  Isolation
    Isolement
  Two-port valve
    Vanne à deux voies
  Programmer
    Programmateur
  Cylinder
    Cylindre
  Gas valve
    Vanne de gaz
  Drip tray
    Bac d'égout
  Hot tap
    Robinet chaud
  End of D2
    Bout de D2
  The premises
    Les lieux
  expansion vessel
    vase d'expansion
  a small vessel that takes up the water's growth when it heats
    un petit vase qui reçoit ce que l'eau gagne en volume quand elle chauffe
  temperature and pressure relief valve
    soupape de sûreté température et pression
  the last safety valve: it opens if the stored water becomes far too hot or its pressure too high
    la dernière soupape de sûreté : elle s'ouvre si l'eau devient beaucoup trop chaude ou sa
      pression trop forte
  expansion relief valve
    soupape d'expansion
  the safety valve that opens first if pressure rises when the water heats
    la soupape de sûreté qui s'ouvre la première si la pression monte quand l'eau chauffe
  tundish
    entonnoir
  the open funnel in which you can see whether a safety valve is letting water go
    l'entonnoir ouvert où l'on voit si une soupape de sûreté laisse couler de l'eau
  the air pressure in the expansion vessel
    la pression d'air dans le vase d'expansion
  the switch that stops the heat if the thermostat fails; it must be reset by hand
    le dispositif qui coupe le chauffage si le thermostat fait défaut; il se réarme à la main
  pressure reducing valve
    réducteur de pression
  the device that lowers the pressure of the mains
    l'appareil qui abaisse la pression de l'arrivée d'eau
  {Cut_out}
    {Cut_out}
  {Regulator}
    Régulateur
  energy cut-out
    coupe-circuit thermique
  {count} bend
    {count} coude
  {count} bends
    {count} coudes
TEXTS
