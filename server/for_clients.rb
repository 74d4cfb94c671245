# frozen_string_literal: true

module DeckBough
  module Server
    # The pages of clients: no account, no script, nothing but one home, under a link nobody guesses. A wrong link, one
    # that was withdrawn and one that has ended look the same.
    #
    # A Rack application for all below its address; whatever else is asked for goes on.
    class ForClients
      ADDRESS = ClientHtml::ADDRESS
      LINK = %r{\A#{ADDRESS}(?<link>[\w-]{1,64})(?<rest>/.*)?\z}
      PICTURE = %r{\A/pictures/(?<id>[0-9a-f-]{36})/(?<size>large|small)\z}
      FILES = { "proposal.css" => "text/css; charset=utf-8", "alegreya.woff2" => "font/woff2",
                "hanken-grotesk.woff2" => "font/woff2" }.freeze
      SAFE = {
        "content-security-policy" => "default-src 'none'; style-src 'self'; img-src 'self'; font-src 'self'; " \
                                     "form-action 'self'; base-uri 'none'; frame-ancestors 'none'",
        "x-robots-tag" => "noindex, nofollow, noarchive",
        # Its forms say where they come from, and nobody else learns the link.
        "referrer-policy" => "same-origin"
      }.freeze
      HTML = { "content-type" => "text/html; charset=utf-8", "cache-control" => "no-store" }.freeze
      HELD = { "cache-control" => "public, max-age=86400" }.freeze
      READS = 240
      WRITES = 20
      # A form of these is a few kilobytes.
      LARGEST = 64 * 1024
      GONE = ["Nothing here",
              "There is no page at this address, or it is no longer shown. Ask the studio for its link."]
             .freeze

      # @param album [Photographs::Album]
      # @param clock [#call]
      def initialize(app, database, album, clock, reads: READS)
        @app = app
        @database = database
        @album = album
        @clock = clock
        @rate = Middleware::Rate.new(database)
        @reads = reads
      end

      def call(env)
        return @app.call(env) unless env["PATH_INFO"].start_with?(ADDRESS)

        status, headers, body = answer(env)
        body = [] if env["REQUEST_METHOD"] == "HEAD"
        [status, SAFE.merge(headers), body]
      end

      private

      def answer(env)
        file = env["PATH_INFO"].delete_prefix(ADDRESS)
        return file(file) if FILES.key?(file)

        limit(env)
        now = @clock.call
        found = LINK.match(env["PATH_INFO"])
        sent = found && sent_proposals.find(found[:link], today: now.to_date) or return gone
        visit = ClientVisit.new(env, sent, found[:link], database: @database, album: @album, now: now)
        # What follows is of this studio alone.
        Store::Fence.within(@database, sent[:studio_id]) do
          visit.answer(env["REQUEST_METHOD"], found[:rest].to_s) || gone
        end
      end

      def limit(env)
        writes = env["REQUEST_METHOD"] == "POST"
        name, most = writes ? ["client-write", WRITES] : ["client-read", @reads]
        raise too_often if @rate.minute("#{name}:#{env[Middleware::ClientAddress::ADDRESS]}") > most
        raise too_large if env["CONTENT_LENGTH"].to_i > LARGEST
      end

      def file(name)
        [200, HELD.merge("content-type" => FILES[name]), [File.binread(File.join(ClientHtml::FOLDER, name))]]
      end

      def gone
        [404, HTML, [ClientHtml.notice(*GONE)]]
      end

      def sent_proposals = Store::SentProposals.new(@database)

      def too_often
        Problem.new(429, "too-often", "Too often", "This page was asked for very often from here. Wait a minute.")
      end

      def too_large
        Problem.new(413, "too-large", "Too much", "That is more than fits here. Make it shorter and send it again.")
      end
    end
  end
end
