# frozen_string_literal: true

require "prometheus/client"
require "prometheus/client/data_stores/direct_file_store"
require "prometheus/client/formats/text"

module DeckBough
  module Server
    # What is counted for whoever watches an installation: requests, plans, acts that waited, connections. All processes
    # of one machine count together, in a folder.
    #
    #   measures.request("GET /api/season", 200, 0.12)
    #   measures.text # => "# TYPE deck_bough_requests_total counter\n…"
    class Measures
      CLIENT = Prometheus::Client
      # Seconds; where "how long" is cut into.
      QUICK = [0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2, 4, 8].freeze
      # Seconds an act waited on a phone before it came in.
      WAITED = [5, 60, 600, 3600, 14_400, 86_400].freeze

      # @param folder [String] of its own
      def initialize(folder)
        CLIENT.config.data_store = CLIENT::DataStores::DirectFileStore.new(dir: folder)
        @registry = CLIENT::Registry.new
        @requests = @registry.counter(:deck_bough_requests_total, docstring: "Requests", labels: %i[route status])
        @seconds = histogram(:deck_bough_request_seconds, "How long requests took", %i[route], QUICK)
        @plans = histogram(:deck_bough_plan_seconds, "How long requests for a plan took, by kind of piece", %i[kind],
                           QUICK)
        @waited = histogram(:deck_bough_act_waited_seconds, "How long acts waited on phones", [], WAITED)
        @connections = @registry.gauge(:deck_bough_database_connections, docstring: "Open connections", labels: [],
                                                                         store_settings: { aggregation: :sum })
      end

      def request(route, status, seconds)
        @requests.increment(labels: { route: route, status: status.to_s })
        @seconds.observe(seconds, labels: { route: route })
      end

      def plan(kind, seconds)
        @plans.observe(seconds, labels: { kind: kind })
      end

      # @param seconds [Array<Float>]
      def waited(seconds)
        seconds.each { |one| @waited.observe([one, 0].max) }
      end

      def connections(count)
        @connections.set(count)
      end

      # @return [String] as Prometheus reads it
      def text
        CLIENT::Formats::Text.marshal(@registry)
      end

      private

      def histogram(name, says, labels, buckets)
        @registry.histogram(name, docstring: says, labels: labels, buckets: buckets)
      end
    end
  end
end
