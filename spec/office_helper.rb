# frozen_string_literal: true

require "spec_helper"
%w[office photographs routes].each { |name| require_relative "support/#{name}" }
