# frozen_string_literal: true

require_relative "../munimen"

config = Munimen::Web::Config.from_environment
Munimen::Web::BodyGate.open(Munimen::Web::BodyGate.by(config))
Munimen::Web::MailWorker.start(config)
run Munimen::Web::Stack.build(config, check_responses: ENV["MUNIMEN_CHECK_RESPONSES"] != "0")
