# frozen_string_literal: true

module Munimen
  module Desk
    # What a device says of what it sends. made: Time at which it was done there; device: id of the
    # device; known: how many entries of the visit it knew of from the office when it judged this
    # itself, nil where the office is to judge; taken: what keeps, with the write, that its id is
    # taken (Store::TakenWrites::Begun), or nil.
    Sent = Struct.new(:made, :device, :known, :taken, keyword_init: true)
  end
end
