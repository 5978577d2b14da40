# nginx, PHP-FPM, the queue workers and the scheduler of one instance, and keeping them alive.

# What works in the background, each started by `start_worker`.
behind=(worker worker-mail worker-sweeps worker-payments-1 worker-payments-2 worker-runs worker-pulls
  worker-looks-1 worker-looks-2 worker-pictures mailbox scheduler)

children=()

start_child() { # start_child NAME COMMAND…
  local name="$1"; shift
  # Its own session, so that Ctrl-C reaches only the supervisor, which then ends its children in order.
  setsid "$@" >>"$home/log/$name.log" 2>&1 </dev/null &
  echo $! >"$home/pids/$name"
  children+=("$name")
}

fill_template() {
  local unprivileged=''
  [ "$(id -u)" != 0 ] || unprivileged='user root;'
  sed -e "s|@ROOT@|$root|g" -e "s|@HOME@|$home|g" -e "s|@PORT@|$web_port|g" -e "s|@INSTANCE@|$instance|g" -e "s|@USER@|$unprivileged|g" "$1"
}

start_php_and_nginx() {
  if port_taken "$mail_port"; then
    local other="Set WINDOW_STALL_PORT to another one; the mailbox is a thousand above it."
    die "Port $mail_port, where the mailbox stand-in takes mail, is taken by another program. $other"
  fi
  if port_taken "$web_port"; then
    die "Port $web_port is taken by another program. Set WINDOW_STALL_PORT to a free one, or end the program that holds it."
  fi
  mkdir -p "$home/run/nginx"
  fill_template "$root/ops/php-fpm.conf" >"$home/run/php-fpm.conf"
  fill_template "$root/ops/nginx.conf" >"$home/run/nginx.conf"
  start_server php-fpm
  until_ok 10 test -S "$home/run/app.sock" || die "PHP-FPM didn't start. What it said is in $home/log/php-fpm.log."
  start_server nginx
  until_ok 10 port_taken "$web_port" || die "nginx didn't start. What it said is in $home/log/nginx.log."
}

start_server() {
  local as_root_flag=; [ "$(id -u)" != 0 ] || as_root_flag=-R
  case $1 in
    php-fpm) start_child php-fpm php-fpm8.2 -F $as_root_flag -y "$home/run/php-fpm.conf" -c "$root/ops/php.ini" ;;
    nginx) start_child nginx nginx -e "$home/log/nginx.log" -p "$home/run/nginx" -c "$home/run/nginx.conf" ;;
  esac
}

# Settings, routes and templates in the form that loads quickest; made anew at every start.
warm_up() { run_logged "$home/log/warm-up.log" "Warming up" php "$root/artisan" optimize; }

# Each kind of work has workers of its own, so that none waits for another; within a queue stalls take turns. While one of
# two waits for an answer from outside, the other goes on. They rest until the database says that a
# job has come; over Redis, which can't, they look every 0.2 s.
start_worker() {
  local work=(php "$root/artisan" queue:work --tries=1 --max-time=3600 --sleep=0.2)
  case $1 in
    worker) start_child worker "${work[@]}" --queue=default ;;
    worker-mail) start_child worker-mail "${work[@]}" --queue=mail ;;
    worker-sweeps) start_child worker-sweeps "${work[@]}" --queue=sweeps ;;
    worker-payments*) start_child "$1" "${work[@]}" --queue=payments,orders --timeout=90 ;;
    worker-runs) start_child worker-runs "${work[@]}" --queue=runs --timeout=1800 ;;
    worker-pulls) start_child worker-pulls "${work[@]}" --queue=pulls --timeout=1800 ;;
    worker-looks*) start_child "$1" "${work[@]}" --queue=looks --timeout=60 ;;
    # A picture that asks for more memory than this is refused; libgd's doesn't count towards PHP's own limit.
    worker-pictures)
      work=(php -d memory_limit=512M "${work[@]:1}" --queue=pictures-first,pictures --timeout=300)
      start_child worker-pictures bash -c 'ulimit -v 1500000; exec "$@"' pictures "${work[@]}"
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
    for name in php-fpm nginx "${behind[@]}"; do
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
        worker*|mailbox|scheduler) start_worker $name ;;
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
  for name in "${behind[@]}" nginx php-fpm; do
    [ -f "$home/pids/$name" ] || continue
    pid=$(cat "$home/pids/$name")
    # The whole session: the scheduler and nginx have children of their own.
    kill -TERM -- "-$pid" 2>/dev/null || kill -TERM "$pid" 2>/dev/null || true
  done
  for name in "${behind[@]}" nginx php-fpm; do
    [ -f "$home/pids/$name" ] || continue
    pid=$(cat "$home/pids/$name")
    until_ok 10 gone "$pid" || kill -KILL -- "-$pid" 2>/dev/null || true
    rm -f "$home/pids/$name"
  done
}

gone() { ! kill -0 "$1" 2>/dev/null; }
