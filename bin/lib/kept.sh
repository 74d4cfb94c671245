# What backup and restore share: where database and photographs are. Sourced after machine.sh.

# Sets DATABASE_URL and PHOTOGRAPHS_FOLDER to what bin/start would serve, unless they are named.
what_is_kept() {
  install_packages
  install_gems
  if [ -z "${DATABASE_URL:-}" ]; then
    start_postgres serve
    export DATABASE_URL="$PG_URL/deck_bough"
  fi
  export PHOTOGRAPHS_FOLDER="${PHOTOGRAPHS_FOLDER:-$LOCAL/photographs}"
  command -v pg_dump >/dev/null || export PATH="$PATH:$(pg_bin)"
}
