# frozen_string_literal: true

require "bundler/setup"
require "bcrypt"
require "json"
require "openapi_first"
require "rack"
require "rack/attack"
require "rack/session"
require "rodauth"
require "roda"
require "semantic_logger"
require "sequel"
require "sinatra/base"
require "tmpdir"
require "zeitwerk"
# Its files require one another in a circle, which Ruby would warn of.
verbose = $VERBOSE
$VERBOSE = nil
require "prawn"
$VERBOSE = verbose
require_relative "../core/lib/deck_bough"

module DeckBough
  # Everything that serves the core: routes, stores, accounts, exchange.
  module Server
    ROOT = File.expand_path("..", __dir__)

    # What a process is told from outside; nothing else reads the environment.
    Configuration = Struct.new(:database_url, :session_secret, :web_folder, :log_to, :password_cost,
                               :sign_ins_per_minute, :trusted_proxies,
                               :seconds_a_request, :day, :labels_folder, :photographs_folder, :metrics_word,
                               :connections, :backups_folder, keyword_init: true) do
      def initialize(trusted_proxies: [], seconds_a_request: 8.0, connections: Connection::MOST,
                     labels_folder: File.join(Dir.tmpdir, "deck-bough-labels"),
                     photographs_folder: File.join(Dir.tmpdir, "deck-bough-photographs"), **)
        super
      end

      # The time it is; pictures are taken on a day that stays the same.
      def clock
        day ? -> { Time.utc(day.year, day.month, day.day, 9) } : -> { Time.now }
      end

      def self.from(environment)
        new(database_url: environment.fetch("DATABASE_URL"), session_secret: environment.fetch("SESSION_SECRET"),
            web_folder: environment.fetch("WEB_FOLDER") { File.join(ROOT, "web", "dist") },
            log_to: environment.fetch("LOG_TO", "stdout"), password_cost: environment.fetch("PASSWORD_COST", "12").to_i,
            sign_ins_per_minute: environment.fetch("SIGN_INS_PER_MINUTE", "30").to_i,
            trusted_proxies: environment.fetch("TRUSTED_PROXIES", "").split,
            seconds_a_request: environment.fetch("SECONDS_A_REQUEST", "8").to_f,
            **{ labels_folder: environment["LABELS_FOLDER"],
                photographs_folder: environment["PHOTOGRAPHS_STORE"] || environment["PHOTOGRAPHS_FOLDER"] }.compact,
            metrics_word: environment["METRICS_WORD"], backups_folder: environment["BACKUPS_FOLDER"],
            connections: Integer(environment.fetch("DATABASE_CONNECTIONS", Connection::MOST)),
            day: environment["DAY"] && Date.iso8601(environment["DAY"]))
      end
    end
  end
end

loader = Zeitwerk::Loader.new
loader.tag = "deck_bough_server"
loader.push_dir(__dir__, namespace: DeckBough::Server)
loader.ignore(__FILE__, File.join(__dir__, "backing_up.rb"), File.join(__dir__, "keeping_studios.rb"),
              File.join(__dir__, "migrations"), File.join(__dir__, "test"))
loader.inflector.inflect("ledger_csv" => "LedgerCsv", "hanging_pdf" => "HangingPdf", "hanging_svg" => "HangingSvg")
loader.setup
