# frozen_string_literal: true

require "spec_helper"
%w[office driven photographs routes].each { |name| require_relative "support/#{name}" }
