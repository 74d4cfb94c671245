# frozen_string_literal: true

module DeckBough
  module Server
    # One request of somebody who has the link.
    class ClientVisit
      HTML = ForClients::HTML
      NOTICES = { "said" => "It is said. The studio answers here.",
                  "chosen" => "Chosen; below is what it comes to now.", "agreed" => "Agreed. Thank you.",
                  "changed" => "It was changed while you read it. Here it is as it is now.",
                  "look_again" => "With what you chose it comes to another sum. Look once more, then say yes." }.freeze
      NAME = Input.text(:name, "Your name", 1..120)

      def initialize(env, sent, link, database:, album:, now:)
        @request = Rack::Request.new(env)
        @sent = sent
        @link = link
        @database = database
        @album = album
        @now = now
        @document = sent[:edition][:document]
      end

      # @return [Array, nil] nil where there is nothing
      def answer(verb, rest)
        case [verb == "HEAD" ? "GET" : verb, rest]
        in ["GET", ""] then look(verb)
        in ["GET", "/proposal.pdf"] then sheet
        in ["GET", ForClients::PICTURE] then picture(ForClients::PICTURE.match(rest))
        in ["POST", "/say"] then say
        in ["POST", "/choose"] then choose
        in ["POST", "/accept"] then accept
        else nil
        end
      end

      private

      # Somebody looked, unless a machine only fetched ahead.
      def look(verb)
        store.seen(@sent, @now) if verb == "GET" && @request.get_header("HTTP_SEC_PURPOSE").nil?
        html(notice: NOTICES[Rack::Utils.parse_query(@request.query_string)["done"]])
      end

      def html(status: 200, **more)
        sent = { link: @link, number: @sent[:edition][:number], ends_on: @sent[:ends_on],
                 accepted: @sent[:accepted], standing: standing? }
        page = ClientHtml.new(page(@sent[:edition][:choices]), pictures: @sent[:edition][:pictures],
                                                               sayings: sayings.of(@sent[:id]), sent: sent, **more)
        [status, HTML, [page.render]]
      end

      def standing?
        !@sent[:edition][:accepted_at].nil?
      end

      # What was accepted is what counts; without that, what was sent before.
      def page(choices)
        before = standing? ? nil : @sent[:accepted] || @sent[:before]
        ClientPage.new(@document, choices: choices, before: before && before[:document],
                                  before_choices: before ? before[:choices] : {})
      end

      def sheet
        pdf = Exchange::ProposalPdf.of(@sent[:edition], photographs: photographs)
        [200, HTML.merge("content-type" => "application/pdf",
                         "content-disposition" => "attachment; filename=\"proposal.pdf\""), [pdf.render]]
      end

      # Only what is on the page.
      def picture(found)
        return unless @sent[:edition][:pictures].value?(found[:id])

        [200, { "content-type" => Photographs::Album::TYPE, "cache-control" => "private, max-age=86400, no-transform" },
         [photographs.read(found[:id], found[:size].to_sym)]]
      end

      def say
        piece = page({}).piece(text("piece"))
        sayings.say(@sent[:id], key: text("key"), piece: piece, says: text("says"), at: @now)
        done("said", piece ? "#piece-#{piece[:id]}" : "#said")
      rescue Problem => e
        raise unless e.status == 422

        html(status: 422, objections: { says: e.message }, typed: { piece: piece && piece[:id], says: text("says") })
      end

      def choose
        return done("agreed") if standing?

        store.choose(@sent, chosen)
        done("chosen", "#price")
      end

      # What is said yes to is what was shown: what is another by now, or comes to another sum, is shown first.
      def accept
        return done("agreed") if standing?
        return done("changed") if text("number") != @sent[:edition][:number].to_s

        name = Inputs.check([NAME], { "name" => text("name").strip })[:name]
        cents = page(chosen).total_cents
        return look_again if cents.to_s != text("cents")

        taken = store.accept(@sent, name: name, cents: cents, choices: chosen, at: @now)
        done(taken ? "agreed" : "changed", "#shall-we")
      rescue InputError
        html(status: 422, objections: { name: "Type your name, so that the studio knows who said yes." },
             typed: { name: text("name") })
      end

      def look_again
        store.choose(@sent, chosen)
        done("look_again", "#price")
      end

      # @return [Hash{String => String}] only what the page offers
      def chosen
        given = form["version"].is_a?(Hash) ? form["version"] : {}
        page({}).pieces.filter_map do |piece|
          wanted = given[piece[:id]]
          [piece[:id], wanted] if piece[:versions].any? { |one| one[:id] == wanted }
        end.to_h
      end

      # @return [String] what was typed into a field; nothing where something else was sent
      def text(name)
        value = form[name].is_a?(String) ? form[name] : ""
        raise no_text unless value.valid_encoding? && !value.include?("\0")

        value
      end

      def form
        @form ||= @request.POST
      rescue Rack::BadRequest
        raise no_text
      end

      def no_text
        Problem.new(400, "no-text", "Not readable",
                    "What was sent is no text that can be read. Go back and type it again.")
      end

      def done(what, at = "")
        [303, HTML.merge("location" => "#{ForClients::ADDRESS}#{@link}?done=#{what}#{at}"), []]
      end

      def store = Store::SentProposals.new(@database)

      def sayings = Store::ProposalSayings.new(@database, @sent[:studio_id])

      def photographs = Store::Photographs.new(@database, @sent[:studio_id], @album)
    end
  end
end
