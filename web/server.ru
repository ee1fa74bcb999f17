# frozen_string_literal: true

require_relative "../munimen"

run Munimen::Web::Stack.build(Munimen::Web::Config.from_environment,
check_responses: ENV["MUNIMEN_CHECK_RESPONSES"] != "0")
