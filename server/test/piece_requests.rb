# frozen_string_literal: true

# Requests about one piece of the demo, with its settings as they stand but for the groups that are said.
#
#   include PieceRequests
#   @piece = piece_called("Counter by the window")
#   plan(site: { width_m: 0.5 })["figures"]
module PieceRequests
  def piece_called(name)
    ask(:get, "/api/pieces/#{self.class::DATABASE[:pieces].where(name: name).get(:id)}")
  end

  def settings(**groups)
    groups.reduce(@piece["settings"]) do |all, (group, values)|
      all.merge(group.to_s => all[group.to_s].merge(values.transform_keys(&:to_s)))
    end
  end

  def plan(status: 200, **groups)
    ask(:post, "/api/pieces/#{@piece['id']}/plan", { settings: settings(**groups) }, status: status)
  end

  # What is kept is what the next one is kept upon.
  def save(status: 200, **groups)
    said = { version: @piece["version"], name: @piece["name"], place_id: nil, settings: settings(**groups) }
    told = ask(:put, "/api/pieces/#{@piece['id']}", said, status: status)
    @piece["version"] = told["version"] if status == 200
    told
  end

  def style(name) = self.class::DATABASE[:styles].where(name: name).get(:id)

  def claimed(name)
    self.class::DATABASE[:piece_claims].where(piece_id: @piece["id"], style_id: style(name)).get(:wanted).to_f
  end
end
