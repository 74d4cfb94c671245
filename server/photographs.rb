# frozen_string_literal: true

module DeckBough
  module Server
    # Pictures people take of their things.
    module Photographs
      # A picture is sent to these as it is, not as JSON, and may be larger than anything else that is sent.
      ADDRESSES = ["/api/photographs", "/api/looks/gathered"].freeze
      TYPE = "application/octet-stream"
      LARGEST = 12 * 1024 * 1024

      # Where files lie.
      #
      # @param told [String] path of a folder, or address of a bucket
      # @return [Folder, Bucket]
      def self.place(told)
        told.match?(%r{\Ahttps?://}) ? Bucket.new(told) : Folder.new(told)
      end

      # @param env [Hash] of a request
      def self.sent?(env)
        env["REQUEST_METHOD"] == "POST" && ADDRESSES.include?(env["PATH_INFO"])
      end
    end
  end
end
