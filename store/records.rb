# frozen_string_literal: true

require "securerandom"

module Munimen
  module Store
    # All that is kept, as small repositories over one database.
    #
    #   records = Records.new(Database.open("munimen.sqlite3"))
    #   records.visits.find(id)
    class Records
      attr_reader :database

      # folder: for the bytes of photographs and logs.
      def initialize(database, folder: nil)
        @database = database
        @folder = folder
      end

      def people = @people ||= People.new(database)
      def settings = @settings ||= Settings.new(database)
      def customers = @customers ||= Customers.new(database)
      def heaters = @heaters ||= Heaters.new(database)
      def visits = @visits ||= Visits.new(database, settings)
      def outcomes = @outcomes ||= Outcomes.new(database)
      def dues = @dues ||= Dues.new(database)
      def photos = @photos ||= Photos.new(database, photo_files)
      def pressure_logs = @pressure_logs ||= PressureLogs.new(database, within("logs"))
      def invitations = @invitations ||= Invitations.new(database)
      def absences = @absences ||= Absences.new(database)
      def devices = @devices ||= Devices.new(database)
      def taken_writes = @taken_writes ||= TakenWrites.new(database)
      def api_tokens = @api_tokens ||= ApiTokens.new(database)
      def changes = @changes ||= Changes.new(database)
      def uploads = @uploads ||= Uploads.new(within("uploads"))
      def reports = @reports ||= Files.new(within("reports"))
      def photo_files = @photo_files ||= Files.new(within("photos"))
      def seals = @seals ||= Seals.new(database, reports)
      def sharing = @sharing ||= Sharing.new(database, key)
      def training = @training ||= Training.new(database)
      def tables = @tables ||= Tables.new(database)
      def plans = @plans ||= Planning::PlanKeeper.new(shelf: plan_shelf)
      def versioned_cache = @versioned_cache ||= VersionedCache.new
      def plan_shelf = @plan_shelf ||= Planning::PlanShelf.new(lasting: lasting_plans)
      def pack = Pack.new(self)
      def personal_data = @personal_data ||= PersonalData.new(database, photo_files, reports)
      def security_log = @security_log ||= SecurityLog.new(database)
      def secret_box = @secret_box ||= SecretBox.new(key, old_key)
      def told = @told ||= Told.new(database, photo_files)
      def undoing = @undoing ||= Undoing.new(database)
      def deficiencies = @deficiencies ||= Deficiencies.new(database)

      # Runs a block as one write: all of it or none.
      def write(&) = database.transaction(mode: :immediate, &)

      # Forgets what is kept in memory, after the data below it have been replaced.
      def forget
        settings.forget
        @versioned_cache = @plans = nil
      end

      private

      # The installation's secret, kept beside the database; without a folder one of this process.
      def key
        path = @folder && File.join(@folder, "session.secret")
        path && File.exist?(path) ? File.read(path).strip : SecureRandom.hex(64)
      end

      # The one before it, whose work still opens.
      def old_key
        path = @folder && File.join(@folder, "session.secret.old")
        File.read(path).strip if path && File.exist?(path)
      end

      def lasting_plans
        path = ENV.fetch("MUNIMEN_PLANS") { @folder && File.join(@folder, "plans.sqlite3") }
        @folder && LastingPlans.new(path)
      end

      def within(room) = @folder && File.join(@folder, room)
    end
  end
end
