# frozen_string_literal: true

require "openssl"

module DeckBough
  module Server
    module Accounts
      # Counts wrong passwords and closes the door for a while after too many, whether the email is known here or not.
      #
      #   guesses.closed?("ottoline@wick-fennel.example") # => false
      #   guesses.failed("ottoline@wick-fennel.example")
      #
      # Emails are kept as digests only: a table of guesses is no list of people.
      class Guesses
        MOST = 8
        MINUTES = 15
        KEPT_DAYS = 1

        # @param secret [String] what digests are made with
        def initialize(database, secret)
          @database = database
          @table = database[:sign_in_failures]
          @secret = secret
        end

        def closed?(who)
          !@table.where(who: digest(who)).where { closed_until > Sequel::CURRENT_TIMESTAMP }.empty?
        end

        # One statement, so that guesses at the same moment are all counted.
        def failed(who)
          @table.where { counted_from < Sequel.lit("now() - ? * interval '1 day'", KEPT_DAYS) }.delete
          @database.run(@database[<<~SQL, digest(who), MOST, MINUTES, MINUTES, MOST, MINUTES].sql)
            insert into sign_in_failures as kept (who, number) values (?, 1)
            on conflict (who) do update set
              number = case when kept.closed_until < now()
                              or (kept.number < ? and kept.counted_from < now() - ? * interval '1 minute')
                            then 1 else kept.number + 1 end,
              counted_from = case when kept.closed_until < now() or kept.counted_from < now() - ? * interval '1 minute'
                                  then now() else kept.counted_from end,
              closed_until = case when kept.closed_until < now() then null
                                  when kept.number + 1 >= ? then now() + ? * interval '1 minute'
                                  else kept.closed_until end
          SQL
        end

        def forget(who)
          @table.where(who: digest(who)).delete
        end

        private

        def digest(who)
          OpenSSL::HMAC.hexdigest("SHA256", @secret, "guesses:#{who.to_s.strip.downcase}")
        end
      end
    end
  end
end
