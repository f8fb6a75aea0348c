# What bin/start and bin/test share: the machine's packages and the private database.

say() { printf '%s\n' "$*" >&2; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"
  elif command -v sudo >/dev/null; then sudo "$@"
  else say "This needs the Debian packages: $PACKAGES. Install them as root, then run this again."; exit 1; fi
}

# need COMMAND PACKAGE ...: installs the packages of the commands that are missing.
need() {
  PACKAGES=""
  while [ $# -gt 0 ]; do
    PATH="$PATH:/usr/sbin" command -v "$1" >/dev/null || PACKAGES="$PACKAGES $2"
    shift 2
  done
  [ -z "$PACKAGES" ] && return 0
  say "Installing:$PACKAGES"
  # shellcheck disable=SC2086
  as_root env DEBIAN_FRONTEND=noninteractive sh -c "apt-get update -qq && apt-get install -y -qq --no-install-recommends $PACKAGES" >/dev/null
}

# need_folder FOLDER PACKAGE: installs the package where its folder is missing.
need_folder() {
  [ -d "$1" ] && return 0
  PACKAGES=$2
  say "Installing: $2"
  as_root env DEBIAN_FRONTEND=noninteractive sh -c "apt-get update -qq && apt-get install -y -qq --no-install-recommends $2" >/dev/null
}

need_build_tools() {
  need java openjdk-17-jdk-headless javac openjdk-17-jdk-headless mvn maven node nodejs npm npm mariadbd mariadb-server-core
  local major
  major=$(node -p 'process.versions.node.split(".")[0]')
  if [ "$major" -lt 20 ]; then say "Node $major is too old; version 20 or newer is needed."; exit 1; fi
}

free_port() {
  node -e 'const s=require("net").createServer();s.listen(0,"127.0.0.1",()=>{console.log(s.address().port);s.close()})'
}

# start_database FOLDER: a MariaDB of our own on loopback; sets DB_PORT, DB_PID and DB_PASSWORD.
start_database() {
  local home=$1 user
  user=$(id -un)
  mkdir -p "$home/tmp"
  chmod 700 "$home"
  [ -s "$home/secret" ] || (umask 077; head -c 24 /dev/urandom | base64 | tr -d '/+=' >"$home/secret")
  DB_PASSWORD=$(cat "$home/secret")
  PATH="$PATH:/usr/sbin"
  if [ ! -d "$home/data/mysql" ]; then
    rm -rf "$home/data"
    mariadb-install-db --no-defaults --datadir="$home/data" --auth-root-authentication-method=normal \
      --skip-test-db --skip-name-resolve --user="$user" >"$home/install.log" 2>&1 \
      || { say "The database could not be set up; see $home/install.log"; exit 1; }
  fi
  (umask 077; cat >"$home/init.sql" <<SQL
CREATE DATABASE IF NOT EXISTS rhombus CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
CREATE USER IF NOT EXISTS 'rhombus'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
ALTER USER 'rhombus'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
GRANT ALL ON rhombus.* TO 'rhombus'@'127.0.0.1';
ALTER USER 'root'@'localhost' IDENTIFIED BY '$DB_PASSWORD';
SQL
  )
  DB_PORT=$(free_port)
  mariadbd --no-defaults --user="$user" --datadir="$home/data" --socket="$home/tmp/db.sock" --pid-file="$home/tmp/db.pid" \
    --tmpdir="$home/tmp" --bind-address=127.0.0.1 --port="$DB_PORT" --skip-name-resolve --character-set-server=utf8mb4 \
    --max-allowed-packet=64M --skip-log-bin --innodb-buffer-pool-size=256M --innodb-log-file-size=128M \
    --init-file="$home/init.sql" </dev/null >"$home/mariadb.log" 2>&1 &
  DB_PID=$!
  local i
  for i in $(seq 1 150); do
    (exec 3<>"/dev/tcp/127.0.0.1/$DB_PORT") 2>/dev/null && return 0
    kill -0 "$DB_PID" 2>/dev/null || break
    sleep 0.2
  done
  say "The database did not start; see $home/mariadb.log"
  exit 1
}
