# frozen_string_literal: true

require_relative "boot"

# What bin/backup and bin/restore run: the one writes, the other puts back. What is wrong is told in one line.
backup = DeckBough::Server::Backup
SemanticLogger.default_level = :fatal
url = ENV.fetch("DATABASE_URL")
photographs = ENV.fetch("PHOTOGRAPHS_STORE") { ENV.fetch("PHOTOGRAPHS_FOLDER") }
begin
  case ARGV
  in ["write", folder, *keep]
    kept = keep.first && Integer(keep.first)
    raise backup::Failed, "At least one backup is kept." if kept && kept < 1

    puts backup.write(url, photographs: photographs, folder: folder, at: Time.now, keep: kept)
  in ["restore", file]
    told = backup.restore(file, url, photographs: photographs)
    puts "Put back as it was #{told['made_at']}: #{told['rows'].values.sum} rows, #{told['files']} files of pictures."
  end
rescue backup::Failed, ArgumentError => e
  abort e.message
end
