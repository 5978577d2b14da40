# The program's own PostgreSQL cluster under var/postgres, on loopback, on its own port. No other cluster is touched.
# Tests have one of their own, which forgets everything if the machine goes down: nothing in it is worth waiting for disks.
cluster="$var/postgres"
careless=
test_cluster() {
  cluster="$var/postgres-test"
  pg_port="${WINDOW_STALL_PG_PORT:-54821}"
  careless="-c fsync=off -c full_page_writes=off -c synchronous_commit=off"
}

# PostgreSQL refuses to run as root; then Debian's postgres account runs it, allowed to pass through folders closed to
# it.
as_postgres() {
  if [ "$(id -u)" = 0 ]; then
    (cd / && setpriv --reuid=postgres --regid=postgres --clear-groups --inh-caps=+dac_read_search --ambient-caps=+dac_read_search env HOME=/tmp "$@")
  else
    "$@"
  fi
}

postgres_answers() { "$pg_bin/pg_isready" -q -h 127.0.0.1 -p "$pg_port"; }

# Starts the cluster unless it runs already; sets started_postgres=1 if this call started it.
start_postgres() {
  started_postgres=
  local data="$cluster" log="$cluster.log"
  if [ ! -f "$data/PG_VERSION" ]; then
    step "PostgreSQL cluster"
    rm -rf "$data"; mkdir -p "$data"
    [ "$(id -u)" != 0 ] || chown postgres:postgres "$data"
    [ -f "$cluster.password" ] || (umask 077; head -c 24 /dev/urandom | base64 | tr -d '/+=' >"$cluster.password")
    cp "$cluster.password" "$data.pw"
    [ "$(id -u)" != 0 ] || chown postgres "$data.pw"
    run_logged "$var/initdb.log" "Making the PostgreSQL cluster" as_postgres "$pg_bin/initdb" -D "$data" -U stall --pwfile="$data.pw" \
      --auth=scram-sha-256 --encoding=UTF8 --locale=C.UTF-8
    rm -f "$data.pw"
  fi
  if postgres_ours; then return 0; fi
  if port_taken "$pg_port"; then
    die "Port $pg_port, where the program's own PostgreSQL listens, is taken by another program. Set WINDOW_STALL_PG_PORT to a free one."
  fi
  touch "$log"; [ "$(id -u)" != 0 ] || chown postgres "$log"
  # Compiling a query takes longer here than running it: over 100,000 variants most take a fraction of a second. Their
  # sorts and joins stay in memory with this much room, and so do the tables that prices are staged in.
  local settings="-c listen_addresses=127.0.0.1 -c unix_socket_directories= -c max_connections=120"
  settings+=" -c shared_buffers=256MB -c work_mem=16MB -c temp_buffers=32MB -c jit=off $careless"
  if ! as_postgres "$pg_bin/pg_ctl" -D "$data" -l "$log" -s -w -t 30 -o "-p $pg_port $settings" start \
    >/dev/null 2>&1; then
    tail -n 5 "$log" >&2
    die "PostgreSQL didn't start. What it said is in $log."
  fi
  started_postgres=1
}

# Whether the server on our port is the one of our data folder.
postgres_ours() { postgres_answers && [ -f "$cluster/postmaster.pid" ] && [ "$(sed -n 4p "$cluster/postmaster.pid")" = "$pg_port" ]; }

stop_postgres() { as_postgres "$pg_bin/pg_ctl" -D "$cluster" -s -m fast stop >/dev/null 2>&1 || true; }

sql() {
  PGOPTIONS="-c client_min_messages=warning" PGPASSWORD="$(cat "$cluster.password")" \
    "$pg_bin/psql" -h 127.0.0.1 -p "$pg_port" -U stall -v ON_ERROR_STOP=1 -qAt "$@"
}

# Who may do what, none of them a superuser: the owner makes and changes tables and signs in for nothing else; the
# program's role is bound by the policies on every table that belongs to stalls; the stand-ins' keeps their schemas.
owner_role=window_stall_owner
bound_role=window_stall_app
standins_role=window_stall_standins

secret() { # secret NAME: a password, made when it is first asked for
  local file="$cluster.$1-password"
  [ -f "$file" ] || (umask 077; head -c 24 /dev/urandom | base64 | tr -d '/+=' >"$file")
  cat "$file"
}

ensure_role() { # ensure_role NAME PASSWORD
  sql -d postgres -v name="$1" -v secret="$2" <<'SQL'
SELECT format('CREATE ROLE %I', :'name') WHERE NOT EXISTS (SELECT FROM pg_roles WHERE rolname = :'name') \gexec
ALTER ROLE :"name" LOGIN NOSUPERUSER NOBYPASSRLS NOCREATEDB NOCREATEROLE PASSWORD :'secret';
SQL
}

ensure_database() { # ensure_database [fresh]
  ensure_role "$owner_role" "$(secret owner)"
  ensure_role "$bound_role" "$(secret app)"
  ensure_role "$standins_role" "$(secret standins)"
  sql -d postgres -c "GRANT $bound_role, $standins_role TO $owner_role"
  if [ "${1:-}" = fresh ]; then sql -d postgres -c "DROP DATABASE IF EXISTS $database WITH (FORCE)"; fi
  if [ "$(sql -d postgres -c "SELECT 1 FROM pg_database WHERE datname = '$database'")" != 1 ]; then
    sql -d postgres -c "CREATE DATABASE $database OWNER $owner_role"
  else
    hand_over
  fi
}

# Until December 2026 the cluster's superuser owned everything; what it still owns goes to the roles above.
hand_over() {
  sql -d "$database" -v owner="$owner_role" -v standins="$standins_role" <<'SQL'
SELECT format('ALTER DATABASE %I OWNER TO %I', current_database(), :'owner') \gexec
SELECT format('ALTER SCHEMA %I OWNER TO %I', nspname, :'standins')
FROM pg_namespace
WHERE nspowner = current_user::regrole AND nspname !~ '^pg_' AND nspname NOT IN ('information_schema', 'public') \gexec
SELECT format('ALTER TABLE %s OWNER TO %I', relation.oid::regclass,
              CASE nspname WHEN 'public' THEN :'owner' ELSE :'standins' END)
FROM pg_class AS relation
JOIN pg_namespace ON pg_namespace.oid = relnamespace
WHERE relowner = current_user::regrole AND relkind IN ('r', 'p', 'v') AND nspname !~ '^pg_|^information_schema$' \gexec
SELECT format('ALTER FUNCTION %s OWNER TO %I', routine.oid::regprocedure, :'owner')
FROM pg_proc AS routine
WHERE proowner = current_user::regrole
  AND pronamespace = 'public'::regnamespace
  AND NOT EXISTS (SELECT FROM pg_depend WHERE objid = routine.oid AND deptype = 'e') \gexec
SQL
}

# Runs what makes or changes tables: it alone is told the owner's password, which no file of settings holds.
as_owner() { DB_OWNER_USERNAME="$owner_role" DB_OWNER_PASSWORD="$(secret owner)" "$@"; }

# The settings an instance runs with; Laravel reads them as its environment file.
write_environment() { # write_environment APP_ENV
  [ -f "$home/app.key" ] || (umask 077; printf 'base64:%s' "$(head -c 32 /dev/urandom | base64)" >"$home/app.key")
  rm -f "$home"/cache/*.php "$home"/cache/tests/*.php
  # What the framework's recorder wrote while it was on; it held pages' data.
  rm -rf "$home/storage/inertia-devtools"
  (umask 077; cat >"$home/env" <<EOF
APP_NAME="Window Stall"
APP_ENV=$1
APP_DEBUG=false
APP_KEY=$(cat "$home/app.key")
APP_URL=http://workshop.localhost:$web_port
WINDOW_STALL_PORT=$web_port
STANDINS=true
MAIL_HOST=127.0.0.1
MAIL_PORT=$mail_port
DB_CONNECTION=pgsql
DB_HOST=127.0.0.1
DB_PORT=$pg_port
DB_DATABASE=$database
DB_USERNAME=$bound_role
DB_PASSWORD=$(secret app)
DB_STANDINS_USERNAME=$standins_role
DB_STANDINS_PASSWORD=$(secret standins)
EOF
  # Pictures of printed goods, made small: what they show is tested, not how many pixels there are.
  [ "$1" != testing ] || echo PRINT_PICTURE_SIDE=600 >>"$home/env"
  [ -z "${spread:-}" ] || spread_environment >>"$home/env"
  [ ! -f "$root/.env" ] || cat "$root/.env" >>"$home/env")
}
