# frozen_string_literal: true

require "office_helper"
%w[browser killed_office].each { |name| require_relative "support/#{name}" }
