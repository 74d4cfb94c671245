# frozen_string_literal: true

require_relative "boot"

# What bin/studios runs, for whoever runs the machine: who may found a studio, which there are, taken out whole, removed
# whole. What is wrong is told in one line.
module DeckBough
  module Server
    # The commands of bin/studios.
    class KeepingStudios
      # What stands in the way, in words for who runs it.
      class Refused < StandardError; end

      # @param url [String] of the database
      # @param photographs [String] their folder, or their bucket's address
      # @param now [Time]
      def initialize(url, photographs, now)
        @url = url
        @photographs = photographs
        @now = now
      end

      # @return [String] what is told
      def run(command)
        case command
        in ["list"] then connected { |database| list(database) }
        in ["invite"] then invite(Store::Invitations::DAYS)
        in ["invite", days] then invite(Integer(days))
        in ["out", name, folder] then out(name, folder)
        in ["remove", name, "whole"] then remove(name)
        else raise Refused, "bin/studios list | invite [DAYS] | out NAME FOLDER | remove NAME whole"
        end
      end

      private

      def list(database)
        rows = database[:studios].order(:name)
                                 .select(:name, database[:homes].where(studio_id: Sequel[:studios][:id])
                                                                .select { count.function.* }.as(:homes)).all
        rows.empty? ? "No studio yet." : rows.map { |row| told(row) }.join("\n")
      end

      def told(row)
        "#{row[:name]}: #{row[:homes]} #{row[:homes] == 1 ? 'home' : 'homes'}"
      end

      def invite(days)
        raise Refused, "An invitation stands for 1 to 365 days." unless days.between?(1, 365)

        word = connected { |database| Store::Invitations.new(database).make(at: @now, days: days) }
        "Whoever opens this once, until #{@now.to_date + days}, founds a studio here:\n/found##{word}"
      end

      def out(name, folder)
        id = connected { |database| found(database, name) }
        Backup.write(@url, photographs: @photographs, folder: folder, at: @now, studio: id)
      end

      def remove(name)
        connected do |database|
          id = found(database, name)
          gone = Store::StudioRemoval.new(database).call(id)
          Photographs.place(@photographs).forget("#{id}/")
          "#{name} is gone: #{gone.values.sum} rows and its photographs. Backups still hold it until they go."
        end
      end

      def found(database, name)
        ids = database[:studios].where(name: name).select_map(:id)
        raise Refused, "There is no studio called #{name}. bin/studios list tells which there are." if ids.empty?
        raise Refused, "#{ids.size} studios are called #{name}. Let one of them be called otherwise." if ids.size > 1

        ids.first
      end

      def connected
        database = Connection.open(@url)
        yield database
      ensure
        database&.disconnect
      end
    end
  end
end

if $PROGRAM_NAME == __FILE__
  SemanticLogger.default_level = :fatal
  begin
    photographs = ENV.fetch("PHOTOGRAPHS_STORE") { ENV.fetch("PHOTOGRAPHS_FOLDER") }
    studios = DeckBough::Server::KeepingStudios.new(ENV.fetch("DATABASE_URL"), photographs, Time.now)
    puts studios.run(ARGV)
  rescue DeckBough::Server::KeepingStudios::Refused, DeckBough::Server::Backup::Failed, ArgumentError => e
    abort e.message
  end
end
