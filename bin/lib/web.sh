# nginx, PHP-FPM, the queue workers and the scheduler of one instance, and keeping them alive.

# What works in the background, each started by `start_worker`.
behind=($(awk '/^worker/ {print $1}' "$root/ops/workers") pages mailbox scheduler)

# What answers over HTTP, each started by `start_server`; one machine's, unless `spread_out` says otherwise.
servers=(php-fpm nginx)

children=()

start_child() { # start_child NAME COMMAND…
  local name="$1"; shift
  # Its own session, so that Ctrl-C reaches only the supervisor, which then ends its children in order.
  setsid "$@" >>"$home/log/$name.log" 2>&1 </dev/null &
  echo $! >"$home/pids/$name"
  children+=("$name")
}

# Whom the servers answer as, and where; bin/deploy says otherwise.
host=localhost
scheme=http

# fill_template FILE FOLDER PORT MACHINE: a machine's settings, made from a template of ops/
fill_template() {
  local unprivileged='' media="alias $2/storage/media/"
  [ "$(id -u)" != 0 ] || unprivileged='user root;'
  [ -z "${spread:-}" ] || media="proxy_pass http://127.0.0.1:$s3_port/media/"
  sed -e "s|@ROOT@|$root|g" -e "s|@HOME@|$2|g" -e "s|@SHARED@|$home|g" -e "s|@PUBLIC@|$web_port|g" \
    -e "s|@INSTANCE@|$instance|g" -e "s|@MACHINE@|$4|g" -e "s|@MEDIA@|$media|g" -e "s|@USER@|$unprivileged|g" \
    -e "s|@MACHINE1@|$((web_port + 10))|g" -e "s|@MACHINE2@|$((web_port + 11))|g" \
    -e "s|@HOST@|$host|g" -e "s|@SCHEME@|$scheme|g" -e "s|@SUFFIX@|${suffix-:$web_port}|g" \
    -e "s|@ANYPORT@|${suffix-:*}|g" -e "s|@FORMS@|${forms-http://*.standins.localhost:*}|g" \
    -e "s|@LISTEN@|127.0.0.1:$3|g" -e "s|@TLS@|${certificate-}|g" \
    -e "s|@ALSO@|${tls:+listen $tls ssl http2;}|g" -e "s|@ALSODEFAULT@|${tls:+listen $tls ssl http2 default_server;}|g" "$1"
}

# machine_files FOLDER PORT MACHINE: what PHP-FPM and nginx of one machine are told
machine_files() {
  mkdir -p "$1/run/nginx" "$1/log" "$1"/storage/{app,logs,media,pages,framework/{cache,sessions,views}}
  fill_template "$root/ops/php-fpm.conf" "$@" >"$1/run/php-fpm.conf"
  fill_template "$root/ops/nginx.conf" "$@" >"$1/run/nginx.conf"
  fill_template "$root/ops/shop-headers.conf" "$@" >"$1/run/shop-headers.conf"
}

# The outside world's stand-ins stand beside it.
machine_standins() {
  fill_template "$root/ops/standins/php-fpm.conf" "$@" >>"$1/run/php-fpm.conf"
  fill_template "$root/ops/standins/nginx.conf" "$@" >"$1/run/standins.conf"
}

# Two web machines' worth of servers behind one that balances, each with files of its own; Redis and object storage for
# what they share.
spread_out() {
  spread=1
  redis_port=$((web_port + 40)); s3_port=$((web_port + 41))
  servers=(php-fpm-1 nginx-1 php-fpm-2 nginx-2 balance)
  behind=(${behind[@]/#pages/pages-1} pages-2)
}

spread_environment() {
  cat <<EOF
CACHE_STORE=redis
SESSION_DRIVER=redis
QUEUE_CONNECTION=redis
REDIS_CLIENT=predis
REDIS_HOST=127.0.0.1
REDIS_PORT=$redis_port
MEDIA_DISK=s3
FILES_DISK=s3-files
AWS_ACCESS_KEY_ID=S3RVER
AWS_SECRET_ACCESS_KEY=S3RVER
AWS_BUCKET=media
AWS_FILES_BUCKET=files
AWS_URL=/media
AWS_ENDPOINT=http://127.0.0.1:$s3_port
AWS_USE_PATH_STYLE_ENDPOINT=true
TRUSTED_PROXIES=127.0.0.1
EOF
}

start_shared() {
  [ -n "${spread:-}" ] || return 0
  local port
  for port in $redis_port $s3_port; do
    ! port_taken $port || die "Port $port is taken by another program. Set WINDOW_STALL_PORT to one with room above it."
  done
  mkdir -p "$home/redis" "$home/s3"
  start_server redis
  start_server s3
  until_ok 10 port_taken "$redis_port" || die "Redis didn't start. What it said is in $home/log/redis.log."
  until_ok 10 port_taken "$s3_port" || die "The object storage didn't start. What it said is in $home/log/s3.log."
}

start_php_and_nginx() {
  if port_taken "$mail_port"; then
    local other="Set WINDOW_STALL_PORT to another one; the mailbox is a thousand above it."
    die "Port $mail_port, where the mailbox stand-in takes mail, is taken by another program. $other"
  fi
  if port_taken "$web_port"; then
    die "Port $web_port is taken by another program. Set WINDOW_STALL_PORT to a free one, or end the program that holds it."
  fi
  if [ -z "${spread:-}" ]; then
    start_machine only "$home" "$web_port" ''
    return
  fi
  local n
  for n in 1 2; do start_machine $n "$home/machines/$n" $((web_port + 9 + n)) -$n; done
  fill_template "$root/ops/balance.conf" "$home" "$web_port" only >"$home/run/balance.conf"
  mkdir -p "$home/run/nginx"
  start_server balance
  until_ok 10 port_taken "$web_port" || die "What balances didn't start. What it said is in $home/log/balance.log."
}

start_machine() { # start_machine MACHINE FOLDER PORT ENDING
  machine_files "$2" "$3" "$1"
  machine_standins "$2" "$3" "$1"
  start_server php-fpm"$4"
  until_ok 10 test -S "$2/run/app.sock" || die "PHP-FPM didn't start. What it said is in $home/log/php-fpm$4.log."
  start_server nginx"$4"
  until_ok 10 port_taken "$3" || die "nginx didn't start. What it said is in $home/log/nginx$4.log."
}

start_server() {
  local as_root_flag= at="$home"; [ "$(id -u)" != 0 ] || as_root_flag=-R
  case $1 in *-[12]) at="$home/machines/${1##*-}" ;; esac
  case $1 in
    php-fpm*) start_child "$1" php-fpm8.2 -F $as_root_flag -y "$at/run/php-fpm.conf" -c "$root/ops/php.ini" ;;
    nginx*) start_child "$1" nginx -e "$at/log/nginx.log" -p "$at/run/nginx" -c "$at/run/nginx.conf" ;;
    balance) start_child balance nginx -e "$home/log/balance.log" -p "$home/run/nginx" -c "$home/run/balance.conf" ;;
    redis) start_child redis redis-server --bind 127.0.0.1 --port "$redis_port" --dir "$home/redis" --save '' --appendonly yes ;;
    s3)
      start_child s3 node "$root/node_modules/s3rver/bin/s3rver.js" --directory "$home/s3" --address 127.0.0.1 \
        --port "$s3_port" --silent --configure-bucket media --configure-bucket files
      ;;
  esac
}

# Settings, routes and templates in the form that loads quickest; made anew at every start.
warm_up() { run_logged "$home/log/warm-up.log" "Warming up" php "$root/artisan" optimize; }

# The command of one of ops/workers, as words. They rest until the database says that a job has come; over Redis, which can't,
# they look every 0.2 s.
worker_command() { # worker_command NAME REDIS?
  local name takes memory arguments connection=()
  read -r name takes memory arguments < <(grep -E "^$1 " "$root/ops/workers")
  [ -z "$2" ] || { [ "$takes" = long ] && connection=(redis) || connection=(redis-soon); }
  local limit=(); [ "$memory" = - ] || limit=(-d memory_limit=512M)
  command=(php "${limit[@]}" "$root/artisan" queue:work "${connection[@]}" --tries=1 --max-time=3600 --sleep=0.2 $arguments)
}

# A shopper's request comes before what works behind; where tests wait for what is done behind, beside browsers, it takes an
# equal part.
start_worker() {
  local calm=5 memory command
  case $instance in test | browser) calm=0 ;; esac
  case $1 in
    worker*)
      worker_command "$1" "${spread:-}"
      memory=$(awk -v name="$1" '$1 == name {print $3}' "$root/ops/workers")
      if [ "$memory" = - ]; then start_child "$1" nice -n "$calm" "${command[@]}"; return; fi
      start_child "$1" nice -n "$calm" bash -c 'ulimit -v '"$memory"'; exec "$@"' "$1" "${command[@]}"
      ;;
    # Each machine has somebody who looks after its ready pages, and asks its own web server for them.
    pages) start_child pages php "$root/artisan" shop:keep-pages ;;
    pages-*)
      local machine=${1##*-}
      start_child "$1" env WINDOW_STALL_MACHINE="$machine" php "$root/artisan" shop:keep-pages \
        --at="http://127.0.0.1:$((web_port + 9 + machine))"
      ;;
    mailbox)
      start_child mailbox node "$root/standins/Mailbox/server.mjs" \
        "$mail_port" "$home/run/mailbox.sock" "$home/storage/mailbox"
      ;;
    scheduler) start_child scheduler php "$root/artisan" schedule:work ;;
    *) die "Nothing works in the background under the name “$1”." ;;
  esac
}

start_background_work() {
  local name
  for name in "${behind[@]}"; do start_worker "$name"; done
}

answers() { curl -fsS -o /dev/null --max-time 3 "http://$1:$web_port$2"; }

wait_until_up() {
  local see="See $home/log and $home/storage/logs."
  until_ok 30 answers workshop.localhost /up \
    || die "The workshop doesn't answer at http://workshop.localhost:$web_port/up. $see"
  until_ok 10 answers standins.localhost /up || die "The stand-ins don't answer. $see"
}

# Starts a child again that ended by itself (the workers do, hourly), until told to stop: at once, and later each time
# when it ends right away. A server that was killed may have left its children; they go first, so that its place is
# free.
supervise() {
  local -A wait=() next=() begun=()
  while :; do
    local name pid
    for name in "${servers[@]}" "${behind[@]}" redis s3; do
      [ -f "$home/pids/$name" ] || continue
      read -r pid <"$home/pids/$name" || continue
      kill -0 "$pid" 2>/dev/null && continue
      if [ -z "${next[$name]:-}" ]; then
        # It ran for a while: the next start is at once.
        [ $((SECONDS - ${begun[$name]:-0})) -lt 30 ] || wait[$name]=0
        next[$name]=$((SECONDS + ${wait[$name]:-0}))
      fi
      [ $SECONDS -ge "${next[$name]}" ] || continue
      kill -KILL -- "-$pid" 2>/dev/null || true
      case $name in
        worker*|pages*|mailbox|scheduler) start_worker $name ;;
        *) say "$name has ended by itself and is started again; see $home/log/$name.log."; start_server $name ;;
      esac
      begun[$name]=$SECONDS; next[$name]=
      local last=${wait[$name]:-0}
      wait[$name]=$((last == 0 ? 1 : (last < 30 ? last * 2 : 30)))
    done
    sleep 1 & wait $! || true
  done
}

stop_children() {
  local name pid
  for name in "${behind[@]}" balance nginx{,-1,-2} php-fpm{,-1,-2} redis s3; do
    [ -f "$home/pids/$name" ] || continue
    pid=$(cat "$home/pids/$name")
    # The whole session: the scheduler and nginx have children of their own.
    kill -TERM -- "-$pid" 2>/dev/null || kill -TERM "$pid" 2>/dev/null || true
  done
  for name in "${behind[@]}" balance nginx{,-1,-2} php-fpm{,-1,-2} redis s3; do
    [ -f "$home/pids/$name" ] || continue
    pid=$(cat "$home/pids/$name")
    until_ok 10 gone "$pid" || kill -KILL -- "-$pid" 2>/dev/null || true
    rm -f "$home/pids/$name"
  done
}

gone() { ! kill -0 "$1" 2>/dev/null; }
