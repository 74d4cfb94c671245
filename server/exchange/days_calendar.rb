# frozen_string_literal: true

require "icalendar"
require "icalendar/tzinfo"
require "tzinfo"

module DeckBough
  module Server
    module Exchange
      # The days ahead for a calendar: a visit is an event, with its steps in its words. Events keep their ids, so that
      # what is fetched later replaces what was fetched before.
      #
      #   DaysCalendar.write(Schedules.new(database, studio, kept: kept).ahead(today: today), zone: "Europe/Dublin",
      #                      now: Time.now, worker: id) # => "BEGIN:VCALENDAR…"
      module DaysCalendar
        # What ids end in; no address of anybody.
        SPACE = "deck-bough"
        CLOCK = DeckBough::Days::Clock
        DAY_MINUTES = 24 * 60

        module_function

        # @param spans [Array<Hash>] as Schedules tells them
        # @param zone [String] name of the time zone of the clocks there
        # @param worker [String, nil] only whose visits these are, with their steps
        # @param home [String, nil] only of one home
        # @param springs [Array<Hash>] homes whose stems are exchanged on a day: id, name, on (Date)
        # @raise [Problem] where there is no such zone
        def write(spans, zone:, now:, worker: nil, home: nil, springs: [])
          calendar = Icalendar::Calendar.new
          calendar.prodid = "-//Deck Bough//Days//EN"
          calendar.append_custom_property("X-WR-TIMEZONE", zone)
          times = zone(zone)
          spans.each do |span|
            visits = span[:visits].select { |visit| wanted?(visit, worker, home) }
            visits.each { |visit| calendar.add_event(event(visit, span, zone, now, worker)) }
          end
          springs.select { |one| home.nil? || one[:id] == home }.each { |one| calendar.add_event(spring(one, now)) }
          first = spans.flat_map { |span| span[:visits] }.map { |visit| visit[:held_on] }.min
          calendar.add_timezone(times.ical_timezone(first ? Time.parse(first) : now))
          calendar.to_ical
        end

        def zone(name)
          TZInfo::Timezone.get(name)
        rescue TZInfo::InvalidTimezoneIdentifier
          raise Problem.invalid([{ pointer: "/zone", code: "unknown",
                                   message: "“#{name}” is no time zone. Name one such as Europe/Dublin." }])
        end

        def wanted?(visit, worker, home)
          (worker.nil? || visit[:workers].include?(worker)) && (home.nil? || visit[:home] == home)
        end

        def event(visit, span, zone, now, worker)
          place = span[:homes].find { |one| one[:id] == visit[:home] }
          Icalendar::Event.new.tap do |event|
            event.uid = [visit[:id], worker, SPACE].compact.join("-")
            event.sequence = visit[:version]
            event.dtstamp = Icalendar::Values::DateTime.new(now.utc, "tzid" => "UTC")
            event.dtstart = at(visit[:held_on], visit[:from_min], zone)
            event.dtend = at(visit[:held_on], visit[:to_min], zone)
            event.summary = summary(visit, place)
            event.description = words(visit, span, worker)
          end
        end

        # A day of its own, by nobody's hours.
        def spring(home, now)
          Icalendar::Event.new.tap do |event|
            event.uid = [home[:id], "spring", SPACE].join("-")
            event.dtstamp = Icalendar::Values::DateTime.new(now.utc, "tzid" => "UTC")
            event.dtstart = Icalendar::Values::Date.new(home[:on])
            event.summary = "#{home[:name]}, stems of spring"
          end
        end

        def summary(visit, place)
          visit[:purpose] == Store::Visits::STRIKE ? "#{place[:name]}, taken down" : place[:name]
        end

        def at(day, minutes, zone)
          days, rest = minutes.divmod(DAY_MINUTES)
          date = Date.iso8601(day) + days
          Icalendar::Values::DateTime.new(DateTime.new(date.year, date.month, date.day, rest / 60, rest % 60),
                                          "tzid" => zone)
        end

        # Its steps in the order they are done.
        def words(visit, span, worker)
          hours = (visit[:starts_min] + visit[:from_min])...(visit[:starts_min] + visit[:to_min])
          steps = span[:steps].select do |step|
            step[:home] == visit[:home] && step[:from_min] && hours.cover?(step[:from_min]) &&
              (worker.nil? || step[:workers].include?(worker))
          end
          steps.sort_by { |step| step[:from_min] }.map { |step| line(step, span) }.join("\n")
        end

        def line(step, span)
          piece = span[:pieces].find { |one| one[:id] == step[:piece] }
          room = span[:homes].flat_map { |home| home[:rooms] }.find { |one| one[:id] == step[:room] }
          "#{CLOCK.told(step[:from_min])} #{[step[:title], step[:count]].compact.join(', ')}, #{(piece || room)[:name]}"
        end
        private_class_method :zone, :wanted?, :event, :spring, :summary, :at, :words, :line
      end
    end
  end
end
