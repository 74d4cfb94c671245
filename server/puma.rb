# frozen_string_literal: true

# Two processes for two cores; everything they share is in the database.
workers Integer(ENV.fetch("WEB_PROCESSES", "2"))
threads 1, 5
preload_app!
silence_single_worker_warning if respond_to?(:silence_single_worker_warning)
before_worker_boot { SemanticLogger.reopen }
