# frozen_string_literal: true

require "json"

# Two processes for two cores; everything they share is in the database.
workers Integer(ENV.fetch("WEB_PROCESSES", "2"))
threads 1, 5
preload_app!
silence_single_worker_warning if respond_to?(:silence_single_worker_warning)
before_worker_boot { SemanticLogger.reopen }
# What is no request at all never reaches the application; it is answered in the same form.
lowlevel_error_handler do |_error, _env, status|
  told = { type: "urn:deck-bough:problem:no-request", title: "Not a request", status: status || 400,
           detail: "This is no request that can be read. Send it again.", request_id: "" }
  [status || 400, { "content-type" => "application/problem+json", "x-content-type-options" => "nosniff" },
   [JSON.generate(told)]]
end
