# What every command here shares: where things are, how to speak, how to fail.
# Sourced with $root set; the instance (demo, test, bench) decides ports, database and the folder under var/.
set -euo pipefail

var="$root/var"
pg_port="${WINDOW_STALL_PG_PORT:-54820}"
pg_bin=/usr/lib/postgresql/15/bin
# The person's own wish is kept apart from what an instance takes by default.
asked_port="${WINDOW_STALL_PORT:-}"

say()  { printf '%s\n' "$*"; }
step() { printf '  %s\n' "$*"; }
# One clear sentence and a way out; nothing else is printed after it.
die()  { printf '\n%s\n' "$*" >&2; exit 1; }

# use_instance NAME DEFAULT_PORT
use_instance() {
  instance="$1"
  home="$var/$instance"
  web_port="${asked_port:-$2}"
  # The mailbox stand-in takes mail beside it.
  mail_port=$((web_port + 1000 > 65535 ? web_port - 1000 : web_port + 1000))
  database="window_stall_$instance"
  export WINDOW_STALL_INSTANCE="$instance"
  mkdir -p "$home/pids" "$home/log" "$home/run" "$home/cache/tests" 2>/dev/null \
    || die "The folder $home can't be made: check that there is room on the disk and that you may write there."
  mkdir -p "$home"/storage/{app,logs,media,pages,framework/{cache,sessions,views}}
  mkdir -p "$root/bootstrap/cache"
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

need_room() { # need_room MEGABYTES
  local free
  free=$(df -Pm "$root" | awk 'NR==2 {print $4}')
  [ "$free" -ge "$1" ] || die "The disk is nearly full: $1 MB are needed under $root and $free MB are free. Make room and start again."
}

# run_logged LOGFILE WHAT COMMAND…: quiet unless it fails, then the end of its log.
run_logged() {
  local log="$1" what="$2"; shift 2
  if ! "$@" >"$log" 2>&1; then
    tail -n 15 "$log" >&2
    if grep -qi 'no space left' "$log"; then die "The disk is full. Make room under $root and start again."; fi
    die "$what failed. The whole of what it said is in $log."
  fi
}

# changed STAMP FILE…: whether the files differ from when `stamp` was last called with the same STAMP.
fingerprint() { find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 cat 2>/dev/null | sha256sum | cut -c1-40; }
changed() { local stamp="$1"; shift; [ ! -f "$stamp" ] || [ "$(cat "$stamp")" != "$(fingerprint "$@")" ]; }
stamp()   { local stamp="$1"; shift; fingerprint "$@" >"$stamp"; }

# Waits for a command to succeed: until SECONDS COMMAND…
until_ok() {
  local end=$((SECONDS + $1)); shift
  until "$@" >/dev/null 2>&1; do
    [ $SECONDS -lt $end ] || return 1
    sleep 0.1
  done
}
