# frozen_string_literal: true

# What was seen to be missing was worked or measured all the same.
{
  relief_present: [%i[relief_lever], %i[missing],
                   "The {relief_valve} was seen to be missing, and its lever was worked."],
  cut_out_seen: [%i[cut_out_opens], %i[missing],
                 "A cut-out was seen to be missing, and was tested."],
  pan: [%i[pan_pipe_height], %i[no_pan],
        "No pan was seen, and the height of its pipe was measured."]
}.each do |item, (readings, missing, text)|
  Munimen::Judgement::Contradiction.define item do
    between readings:, items: [item]
    text text
    found { |visit| missing.include?(visit.observation(item).finding) }
  end
end
