# frozen_string_literal: true

module DeckBough
  module Server
    # What the demo's clients were shown, said and accepted; the pictures were drawn by the application itself
    # (bin/screenshots demo-drawings) and lie in demo/proposals.
    class DemoProposals
      FOLDER = File.join(DemoStudio::FOLDER, "proposals")
      # Pieces are reckoned over several questions.
      TRIES = 200

      # @param says [String] the name of a home, a room, a piece
      # @return [String] as files are called
      def self.file_name(*says)
        "#{says.map { |one| one.downcase.gsub(/[^a-z0-9]+/, '-').gsub(/\A-|-\z/, '') }.join('--')}.jpg"
      end

      # @param album [Photographs::Album]
      # @param days [#call] a day of the demo as far from today as it was written
      def initialize(database, studio_id, album:, days:)
        @database = database
        @studio = Store::Studios.new(database).find(studio_id)
        @album = album
        @days = days
        @proposals = store(Store::Proposals)
      end

      def seed
        YAML.safe_load_file(File.join(DemoStudio::FOLDER, "proposals.yml")).each { |said| propose(said) }
      end

      private

      def store(kind)
        kind.new(@database, @studio[:id])
      end

      def noon(day)
        @days.call(day).to_time + (12 * 3600)
      end

      def owner
        @owner ||= @database[:accounts].where(studio_id: @studio[:id], role: "owner").get(:id)
      end

      def propose(said)
        home = @database[:homes].where(studio_id: @studio[:id], name: said.fetch("home")).get(:id)
        season = store(Store::Seasons).now(@days.call(said.fetch("sent_on")))[:season]
        proposing = Proposing.new(@database, @studio, now: noon(said.fetch("sent_on")))
        row = @proposals.keep(home, 0, terms(said, home), season: season)
        document = composed(proposing, home, row[:terms])
        proposing.send_now(home, { "key" => SecureRandom.uuid, "ends_on" => @days.call(said.fetch("ends_on")).iso8601,
                                   "pictures" => pictures(row[:id], said.fetch("home"), document) },
                           season: season, account_id: owner)
        talk(row[:id], said, document)
        accept(row[:id], said)
      end

      def terms(said, home)
        pieces = @database[:pieces].where(room_id: @database[:rooms].where(home_id: home).select(:id))
                                   .select_hash(:name, :id)
        versions = said.fetch("versions").to_h do |piece, names|
          [pieces.fetch(piece), @database[:piece_variants].where(piece_id: pieces.fetch(piece), name: names)
                                                          .select_map(:id)]
        end
        { **said.slice("greeting", "open_points", "deposit_percent"), "versions" => versions }
      end

      def composed(proposing, home, terms)
        TRIES.times do
          document = proposing.composed(home, terms)
          return document unless document[:pending]
        end
        raise "The demo's pieces are not reckoned after #{TRIES} questions."
      end

      # What was not drawn yet is not shown.
      def pictures(proposal, home, document)
        names(document).filter_map do |slot, name|
          path = File.join(FOLDER, self.class.file_name(home).delete_suffix(".jpg"), name)
          next unless File.file?(path)

          [slot, File.open(path, "rb") { |file| photograph(proposal, file) }]
        end.to_h
      end

      def photograph(proposal, file)
        Store::Photographs.new(@database, @studio[:id], @album)
                          .add(:proposal_id, proposal, file, key: SecureRandom.uuid, account_id: owner)[:id]
      end

      # @return [Hash{String => String}] names of files by what they are of
      def names(document)
        document[:rooms].flat_map do |room|
          lights = ClientHtml::LIGHTS.flat_map do |light|
            [["room:#{room[:id]}:#{light}", file_name(room[:name], light)],
             ["walls:#{room[:id]}:#{light}", file_name(room[:name], "walls", light)]]
          end
          lights + room[:pieces].flat_map { |piece| names_of(piece) }
        end.to_h
      end

      def names_of(piece)
        [["piece:#{piece[:id]}", file_name(piece[:name])],
         *piece[:versions].map { |one| ["version:#{one[:id]}", file_name(piece[:name], one[:name])] }]
      end

      def file_name(*says) = self.class.file_name(*says)

      def talk(proposal, said, document)
        sayings = store(Store::ProposalSayings)
        pieces = ClientPage.new(document).pieces
        said.fetch("said").each do |one|
          id = sayings.say(proposal, key: SecureRandom.uuid, says: one.fetch("says"), at: noon(one.fetch("said_on")),
                                     piece: pieces.find { |piece| piece[:name] == one.fetch("of") })
          sayings.answer(proposal, id, key: SecureRandom.uuid, says: one.fetch("answer"), account_id: owner,
                                       at: noon(one.fetch("said_on")) + 3600)
        end
      end

      def accept(proposal, said)
        edition = @proposals.editions(proposal, 1).first
        sent = { id: proposal, edition: edition }
        seen = Store::SentProposals.new(@database)
        return unless said["accepted_by"]

        seen.seen(sent, noon(said.fetch("accepted_on")))
        seen.accept(sent, name: said["accepted_by"], cents: ClientPage.new(edition[:document]).total_cents, choices: {},
                          at: noon(said.fetch("accepted_on")))
      end
    end
  end
end
