# frozen_string_literal: true

require "digest"
require "fileutils"
require "open3"
require "tmpdir"

module DeckBough
  module Server
    # All that an installation keeps, in one file: the database and the photographs, as they were at one moment, with
    # what there must be in it. Secrets are kept apart: sessions end where they are lost, nothing else.
    #
    #   path = Backup.write("postgres://127.0.0.1/deck_bough", photographs: "/srv/photographs", folder: "/srv/backups",
    #                       at: Time.now, keep: 14)
    #   Backup.restore(path, "postgres://127.0.0.1/another", photographs: "/srv/elsewhere")
    #
    # One that was written is read again and checked before it has its name, so that half of one is never taken for
    # whole.
    module Backup
      DUMP = "database.dump"
      CONTENTS = "contents.json"
      PHOTOGRAPHS = "photographs"
      NAME = "deck-bough-%Y-%m-%d-%H%M%S.tar"
      NAMES = "deck-bough-*.tar"
      # Not among those the oldest of which go.
      NAME_OF_STUDIO = "studio-%Y-%m-%d-%H%M%S.tar"
      # Nobody but its owner reads what clients are called.
      MODE = 0o600

      # What stands in the way, in words for who runs it.
      class Failed < StandardError; end

      module_function

      # @param url [String] of the database
      # @param photographs [String] their folder, or their bucket's address
      # @param folder [String] where backups are kept
      # @param at [Time] by which it is called
      # @param keep [Integer, nil] so many are kept, the oldest go; nil keeps all
      # @param studio [String, nil] the id of the only one that is taken out; nil for all
      # @return [String] its path
      # @raise [Failed]
      def write(url, photographs:, folder:, at:, keep: nil, studio: nil)
        FileUtils.mkdir_p(folder)
        path = File.join(folder, at.utc.strftime(studio ? NAME_OF_STUDIO : NAME))
        raise Failed, "#{path} is there already. Wait a second and try again." if File.exist?(path)

        Dir.mktmpdir("backup", folder) do |staging|
          files = copy(photographs, File.join(staging, PHOTOGRAPHS), studio)
          told = dump(url, File.join(staging, DUMP), studio)
          File.write(File.join(staging, CONTENTS), JSON.pretty_generate({ made_at: at.utc.iso8601, **told,
                                                                          photographs: files }))
          pack(staging, "#{path}.part")
        end
        check("#{path}.part")
        File.rename("#{path}.part", path)
        forget_old(folder, keep) if keep
        path
      ensure
        FileUtils.rm_f("#{path}.part") if path
      end

      # Into a place where nothing is yet.
      #
      # @return [Hash] what was in it: made_at, schema, rows (by table), files (of photographs)
      # @raise [Failed]
      def restore(path, url, photographs:)
        refuse_full(url, photographs)
        unpacked(path) do |staging, contents|
          load(url, File.join(staging, DUMP), contents)
          place = Photographs.place(photographs)
          contents["photographs"].each_key { |name| place.put(name, File.join(staging, PHOTOGRAPHS, name)) }
          contents.slice("made_at", "schema", "rows").merge("files" => contents["photographs"].size)
        end
      end

      # Whether all of it is there and as it was written.
      #
      # @raise [Failed]
      def check(path)
        unpacked(path) { |staging, _| run("pg_restore", "--list", File.join(staging, DUMP)) }
      end

      # @return [Hash{String => String}] digests by path within the folder
      def copy(from, to, studio)
        FileUtils.mkdir_p(to)
        place = Photographs.place(from)
        place.names(studio ? "#{studio}/" : "").to_h do |name|
          path = File.join(to, name)
          FileUtils.mkdir_p(File.dirname(path))
          place.fetch(name, path)
          [name, digest(path)]
        end
      end

      # The rows are counted in the same moment as they are written. Of one studio only what stands within its fence is.
      def dump(url, file, studio)
        connected(url) do |database|
          database.transaction(isolation: :repeatable, read_only: true) do
            snapshot = database.get(Sequel.function(:pg_export_snapshot))
            fence = studio ? ["--enable-row-security", "--role=#{Store::Fence::ROLE}"] : []
            run("pg_dump", "--format=custom", "--no-owner", "--no-privileges", "--snapshot=#{snapshot}",
                "--file=#{file}", *fence, url: url, studio: studio)
            rows = studio ? Store::Fence.within(database, studio) { counts(database) } : counts(database)
            { schema: database[:schema_info].get(:version), rows: rows, database: digest(file) }
          end
        end
      end

      def counts(database)
        database.tables.sort.to_h { |table| [table.to_s, database[table].count] }
      end

      def load(url, file, contents)
        Preparation.reach(url).disconnect
        run("pg_restore", "--no-owner", "--no-privileges", "--exit-on-error", "--single-transaction",
            "--dbname=#{name(url)}", file, url: url)
        connected(url) do |database|
          there = counts(database)
          raise Failed, "The database does not hold what was written down." if there != contents["rows"]

          Connection.migrate(database)
        end
      end

      def refuse_full(url, photographs)
        if Photographs.place(photographs).names.any?
          raise Failed, "There are photographs already where they would go. Name a place where none are, or clear it."
        end

        database = Preparation.reach(url)
        full = database.tables.any?
        database.disconnect
        raise Failed, "The database is not empty. Name one that is, or drop it first." if full
      end

      def pack(staging, path)
        # Nobody else reads it from the first byte on.
        File.write(path, "", perm: MODE)
        run("tar", "-cf", path, "-C", staging, CONTENTS, DUMP, PHOTOGRAPHS)
      end

      # @yield [String, Hash] the folder it is unpacked in, checked, and its contents
      def unpacked(path)
        raise Failed, "There is no #{path}." unless File.file?(path)

        Dir.mktmpdir("unpacked", File.dirname(path)) do |staging|
          run("tar", "-xf", path, "-C", staging)
          contents = JSON.parse(File.read(File.join(staging, CONTENTS)))
          compare(staging, contents)
          yield staging, contents
        end
      rescue JSON::ParserError, Errno::ENOENT
        raise Failed, "#{path} is no whole backup."
      end

      def compare(staging, contents)
        wanted = { DUMP => contents["database"],
                   **contents["photographs"].transform_keys { |name| File.join(PHOTOGRAPHS, name) } }
        damaged = wanted.reject { |name, known| digest(File.join(staging, name)) == known }
        raise Failed, "The backup is damaged: #{damaged.keys.first(3).join(', ')}." if damaged.any?
      end

      def forget_old(folder, keep)
        Dir.glob(File.join(folder, NAMES)).reverse.drop(keep).each { |path| File.delete(path) }
      end

      def digest(file)
        Digest::SHA256.file(file).hexdigest
      end

      def connected(url)
        database = Connection.open(url)
        # What is written down takes as long as it takes.
        database.synchronize do
          database.run("set statement_timeout = 0")
          yield database
        end
      ensure
        database&.disconnect
      end

      def name(url)
        URI(url).path.delete_prefix("/")
      end

      # How to reach the database is told beside the command, where nobody else sees its password.
      def reached(url)
        at = URI(url)
        asked = URI.decode_www_form(at.query.to_s).to_h
        { "PGHOST" => at.host, "PGPORT" => at.port&.to_s, "PGUSER" => at.user, "PGDATABASE" => name(url),
          "PGPASSWORD" => at.password && URI.decode_www_form_component(at.password),
          "PGSSLMODE" => asked["sslmode"], "PGSSLROOTCERT" => asked["sslrootcert"] }.compact
      end

      def run(*command, url: nil, studio: nil)
        within = studio ? { "PGOPTIONS" => "-c #{Store::Fence::STUDIO}=#{studio}" } : {}
        said, done = Open3.capture2e({ **(url ? reached(url) : {}), **within }, *command)
        raise Failed, "#{command.first} failed: #{said.lines.last(3).join.strip}" unless done.success?

        said
      end
      private_class_method :copy, :dump, :counts, :load, :refuse_full, :pack, :unpacked, :compare, :forget_old, :digest,
                           :connected, :name, :reached, :run
    end
  end
end
