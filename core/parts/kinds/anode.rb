# frozen_string_literal: true

# The alloy by the water, the length by the tank: no longer than the tank is high less a hand's
# breadth. Common practice.
Munimen::Parts::Kind.define :anode do
  title "Anode"
  fitted_by :replace_anode
  on { |heater| heater.anode != :none }
  column :alloy, :text
  column :length, :length
  column :thread, :text

  must(:length, "no longer than the tank takes") { |offered, wanted| offered.si <= wanted.si }
  must(:alloy, "the alloy that this water asks for") do |offered, wanted|
    offered.downcase.include?(wanted.downcase)
  end

  asks :anode_alloy,
       "Which alloy does this water ask for? Aluminium/zinc or a powered one against a smell of " \
       "bad eggs; magnesium otherwise.",
       "magnesium",
       "aluminium/zinc",
       "powered"

  wants do |visit|
    {
      length: Munimen::Parts::Needed.anode_length(visit),
      alloy: visit.decision(:anode_alloy)&.to_s
    }
  end
end
