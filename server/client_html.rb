# frozen_string_literal: true

require "tilt/erubi"

module DeckBough
  module Server
    # The page a client reads, without script. Whatever is put into it is escaped.
    #
    #   ClientHtml.new(ClientPage.new(document), pictures: {}, preview: true).render # => "<!doctype html>…"
    class ClientHtml
      FOLDER = File.join(__dir__, "client_pages")
      ADDRESS = "/proposals/"
      LIGHTS = %w[day dusk].freeze
      # A room that is drawn and is not at the top already.
      NOTHING = {}.freeze
      TREE = "tree"
      NUMBERS = { 2 => "two", 3 => "three", 4 => "four" }.freeze

      # @return [String] a page with a heading and one paragraph
      def self.notice(title, says)
        template("notice").render(nil, title: title, says: says, address: ADDRESS)
      end

      def self.template(name)
        @templates ||= Hash.new do |all, one|
          all[one] = Tilt::ErubiTemplate.new(File.join(FOLDER, "#{one}.erb"), escape: true, trim: true)
        end
        @templates[name]
      end

      attr_reader :page, :notice, :number, :accepted, :link

      # @param page [ClientPage]
      # @param pictures [Hash{String => String}] ids of photographs by what they are of
      # @param sayings [Array<Hash>] as Store::ProposalSayings tells them
      # @param sent [Hash, nil] link, number, ends_on (Date), accepted (an edition or nil), standing (whether what was
      #   accepted is what is shown)
      # @param objections [Hash{Symbol => String}] what is wrong with what was typed
      # @param typed [Hash{Symbol => String}]
      def initialize(page, pictures:, sayings: [], sent: nil, preview: false, notice: nil, objections: NOTHING,
                     typed: NOTHING)
        @page = page
        @pictures = pictures
        @sayings = sayings
        @preview = preview
        @notice = notice
        @objections = objections
        @typed = typed
        sent ||= { link: "", number: 0, ends_on: nil, accepted: nil, standing: false }
        @link = "#{ADDRESS}#{sent[:link]}"
        @number = sent[:number]
        @accepted = sent[:accepted]
        @standing = sent[:standing]
        @ends_on = sent[:ends_on]
      end

      def render
        self.class.template("proposal").render(self)
      end

      def document = page.document

      def address = ADDRESS

      def preview? = @preview

      # Whether anything can be said and chosen on it.
      def open? = !@preview

      # What was said yes to stays as it was chosen.
      def choosing? = open? && !@standing

      # What was said yes to is what is shown.
      def standing_yes? = @standing

      def client = document[:client].empty? ? "the client" : document[:client]

      def price = (@price ||= page.price)

      def changes = (@changes ||= page.changes)

      def ends_told = @ends_on&.strftime("%-d %B %Y")

      def on(time) = time.strftime("%-d %B %Y")

      def objection(name) = @objections[name]

      def typed(name) = @typed[name]

      # The first room that is drawn, by its light.
      #
      # @return [Hash{String => String}] addresses
      def hero
        @hero ||= hero_of ? pictures_of(hero_of) : NOTHING
      end

      def hero_room = hero_of[:name]

      # Every room with all its walls; of one room that is at the top already nothing.
      #
      # @return [Hash{String => Hash}] addresses by light, by room
      def rooms_drawn
        all = drawn_rooms.to_h { |room| [room[:name], walls_of(room)] }
        drawn_rooms.size == 1 && all.values == [hero] ? NOTHING : all
      end

      # @return [String, nil] its address
      def picture_of(what, size = :large)
        id = @pictures[what]
        id && "#{link}/pictures/#{id}/#{size}"
      end

      # @return [Array<Array(Symbol, String, String)>] whose, as a key and in words, and what
      def things(piece)
        ClientPage::NAMED.filter_map { |key, word| [key, word, piece[key].join(" · ")] if piece[key].any? }
      end

      # @return [Array<Array(Hash, Array<Hash>)>] pieces there is a choice of, with their versions
      def choices
        page.pieces.filter_map do |piece|
          versions = page.versions(piece)
          [piece, versions] if versions.any?
        end
      end

      def in_words(number) = NUMBERS.fetch(number) { number.to_s }

      def sayings_of(piece) = @sayings.select { |one| one[:piece_id] == piece }

      def typed_for?(piece) = @typed[:piece] == piece && !@typed[:says].nil?

      def said_in_short(said)
        asked, answered = said.partition { |one| one[:answers].nil? }.map(&:size)
        return "Say something" if said.empty?

        answered.positive? ? "#{asked} said, #{answered} answered" : "#{asked} said"
      end

      def thread(said)
        self.class.template("thread").render(self, said: threads(said)) if said.any?
      end

      def say_form(piece)
        mine = piece ? typed_for?(piece[:id]) : (@typed[:piece].nil? && !@typed[:says].nil?)
        self.class.template("say").render(self, piece: piece, key: SecureRandom.uuid, mine: mine)
      end

      private

      def drawn_rooms
        @drawn_rooms ||= document[:rooms].select { |room| pictures_of(room).any? }
      end

      # Where a tree stands, else where there is most to show.
      def hero_of
        @hero_of ||= drawn_rooms.max_by do |room|
          [room[:pieces].any? { |piece| piece[:kind] == TREE } ? 1 : 0, room[:pieces].size]
        end
      end

      def pictures_of(room, what = "room")
        LIGHTS.filter_map { |light| (at = picture_of("#{what}:#{room[:id]}:#{light}")) && [light, at] }.to_h
      end

      # The one wall is all of it where there are no others to see.
      def walls_of(room)
        all = pictures_of(room, "walls")
        all.empty? ? pictures_of(room) : all
      end

      # Each answer after what it answers.
      def threads(said)
        said.reject { |one| one[:answers] }.flat_map do |one|
          [one, *said.select do |other|
            other[:answers] == one[:id]
          end]
        end
      end
    end
  end
end
