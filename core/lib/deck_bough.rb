# frozen_string_literal: true

# The core of Deck Bough: every rule and computation for dressing a room, as pure functions over values.
#
#   DeckBough::Catalogue.answer("ornaments.by_cover", { "area_m2" => 4.9, "cover" => "balanced" }).outputs
#   # => { total: 98 }
#
# Lengths are metres, masses kilograms, money integer cents, angles degrees at the boundary. The core reads its own
# house rules and messages when it loads; after that it touches no file, database, clock or unseeded chance.
module DeckBough
  ROOT = File.expand_path("deck_bough", __dir__)
end

require_relative "deck_bough/errors"
require_relative "deck_bough/messages"
require_relative "deck_bough/house_rules"
%w[values shapes].each do |folder|
  Dir[File.join(DeckBough::ROOT, folder, "*.rb")].each { |file| require file }
end
%w[ornament zones near_pairs even_sites balance nearness dealing gap_search evenness order groups diamond_sites
   keepsakes deal hanging_map].each do |file|
  require_relative "deck_bough/hanging/#{file}"
end
%w[boxes cutting days greenery groupings seasons shelving stock tables vessels wreaths].each do |folder|
  Dir[File.join(DeckBough::ROOT, folder, "*.rb")].each { |file| require file }
end
%w[cheapest_packs gathering supplier order_days quote line coupon ordered charge sighting
   over_seasons].each do |file|
  require_relative "deck_bough/buying/#{file}"
end
Dir[File.join(DeckBough::ROOT, "client", "*.rb")].each { |file| require file }
require_relative "deck_bough/rules/rule"
Dir[File.join(DeckBough::ROOT, "rules", "*", "*.rb")].each { |file| require file }
require_relative "deck_bough/catalogue"
require_relative "deck_bough/reckoner"
%w[learnt remark telling timed sharing_out job lesson ticked from_ticks ribbon_used].each do |file|
  require_relative "deck_bough/logbook/#{file}"
end
%w[crossing room_wall floor_plan_survey floor_plan frame placed sight scene viewpoint wall_balance
   ways view standing layout room_view offers links round].each { |file| require_relative "deck_bough/rooms/#{file}" }
%w[palette shares seen together closing colour_vision colour_words].each do |file|
  require_relative "deck_bough/looks/#{file}"
end
require_relative "deck_bough/pieces/kind"
%w[shared tree run wreath wall grouping drops table stockings drinks shelves swaps].each do |folder|
  Dir[File.join(DeckBough::ROOT, "pieces", folder, "*.rb")].each { |file| require file }
end
require_relative "deck_bough/pieces/kinds"
