# Sourced by start and test: a private PostgreSQL on loopback, in a folder of its own.
# pg_open FOLDER PORT   makes the cluster when it is new, starts it, and sets OWNER_DB and APP_DB
# PG_OPTIONS            further settings of the server that pg_open starts
# pg_close              stops it if pg_open started it

PG_STARTED=

say() { printf '%s\n' "$*" >&2; }
fail() { say "$*"; exit 1; }

# Installs Debian packages as root, or through sudo.
install_packages() {
    command -v apt-get >/dev/null || fail "Please install by hand: $*. This is not a Debian machine."
    local as=
    if [ "$(id -u)" != 0 ]; then
        command -v sudo >/dev/null || fail "Please install by hand, or run as root: $*. There is no sudo here."
        as=sudo
    fi
    say "Installing $* ..."
    $as apt-get update -qq >&2 || true
    $as env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >&2 \
        || fail "Could not install $*. Install it by hand and start again."
}

pg_find() {
    PG_BIN=$(ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1)
    [ -n "$PG_BIN" ] && [ -x "$PG_BIN/initdb" ]
}

# Runs as the one who owns the cluster: PostgreSQL refuses to run as root.
pg_as() {
    if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

new_password() { head -c 24 /dev/urandom | od -An -tx1 | tr -d ' \n'; }

free_port() {
    local port=$1
    while (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; do port=$((port + 1)); done
    echo "$port"
}

pg_open() {
    pg_find || { install_packages postgresql; pg_find || fail "PostgreSQL was installed, but its programs were not found."; }
    PG_HOME=$1
    local wanted=$2
    mkdir -p "$PG_HOME"
    [ "$(id -u)" = 0 ] && chown postgres "$PG_HOME"
    chmod 711 "$PG_HOME"
    if [ ! -f "$PG_HOME/data/PG_VERSION" ]; then
        ( umask 077
          new_password > "$PG_HOME/superuser"; new_password > "$PG_HOME/owner"; new_password > "$PG_HOME/app" )
        [ "$(id -u)" = 0 ] && chown postgres "$PG_HOME/superuser"
        pg_as "$PG_BIN/initdb" -D "$PG_HOME/data" -U postgres -E UTF8 --locale=C.UTF-8 --data-checksums \
            --auth-local=scram-sha-256 --auth-host=scram-sha-256 --pwfile="$PG_HOME/superuser" >/dev/null \
            || fail "The database could not be made in $PG_HOME. Every folder above it must be open for the user postgres to pass (chmod o+x)."
    fi
    PG_PORT=$(cat "$PG_HOME/port" 2>/dev/null || echo "$wanted")
    if ! "$PG_BIN/pg_isready" -q -h 127.0.0.1 -p "$PG_PORT" || ! [ -f "$PG_HOME/data/postmaster.pid" ]; then
        PG_PORT=$(free_port "$wanted")
        echo "$PG_PORT" > "$PG_HOME/port"
        pg_as "$PG_BIN/pg_ctl" -D "$PG_HOME/data" -l "$PG_HOME/data/server.log" -w -t 30 \
            -o "-p $PG_PORT -c listen_addresses=127.0.0.1 -c unix_socket_directories= ${PG_OPTIONS:-}" start >/dev/null \
            || fail "The database did not start; see $PG_HOME/data/server.log."
        PG_STARTED=1
    fi
    if [ ! -f "$PG_HOME/roles" ]; then
        PGPASSWORD=$(cat "$PG_HOME/superuser") "$PG_BIN/psql" -q -h 127.0.0.1 -p "$PG_PORT" -U postgres -v ON_ERROR_STOP=1 \
            -v owner="$(cat "$PG_HOME/owner")" -v app="$(cat "$PG_HOME/app")" postgres <<'SQL' >/dev/null || fail "The database's roles could not be made."
create role boldladder_owner login password :'owner';
create role boldladder_app login password :'app';
create database boldladder owner boldladder_owner;
SQL
        touch "$PG_HOME/roles"
    fi
    local at="Host=127.0.0.1;Port=$PG_PORT;Database=boldladder"
    OWNER_DB="$at;Username=boldladder_owner;Password=$(cat "$PG_HOME/owner")"
    APP_DB="$at;Username=boldladder_app;Password=$(cat "$PG_HOME/app")"
    PATH="$PG_BIN:$PATH"
}

pg_close() {
    [ -n "$PG_STARTED" ] && pg_as "$PG_BIN/pg_ctl" -D "$PG_HOME/data" -m fast -w stop >/dev/null 2>&1
    PG_STARTED=
}

# Says what is missing of the things that can't be installed here.
check_tools() {
    command -v dotnet >/dev/null && dotnet --list-sdks 2>/dev/null | grep -q '^1[0-9]\.' \
        || fail "The .NET 10 SDK is missing. Install dotnet-sdk-10.0 and start again."
    command -v node >/dev/null && [ "$(node -p 'process.versions.node.split(".")[0]')" -ge 20 ] \
        || fail "Node.js 20 or newer is missing. Install it and start again."
    command -v npm >/dev/null || fail "npm is missing. It comes with Node.js."
}

# Runs a step only when what it is made from has changed: once TARGET SOURCES... -- COMMAND
once() {
    local target=$1; shift
    local sources=()
    while [ "$1" != -- ]; do sources+=("$1"); shift; done
    shift
    local now
    now=$(find "${sources[@]}" -type f -not -path '*/node_modules/*' -not -path '*/bin/*' -not -path '*/obj/*' -print0 | sort -z | xargs -0 sha256sum | sha256sum)
    [ -f "$target" ] && [ "$(cat "$target")" = "$now" ] && return 0
    "$@" || return 1
    mkdir -p "$(dirname "$target")"
    echo "$now" > "$target"
}
