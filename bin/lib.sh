# What bin/start and bin/test share: the machine's packages and the private database.

say() { printf '%s\n' "$*" >&2; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"
  elif command -v sudo >/dev/null; then sudo "$@"
  else say "This needs the Debian packages: $PACKAGES. Install them as root, then run this again."; exit 1; fi
}

# install PACKAGE ...: from Debian; what apt says is shown only where it fails.
install() {
  PACKAGES="$*"
  say "Installing: $PACKAGES"
  local log
  log=$(mktemp)
  # shellcheck disable=SC2086
  if ! as_root env DEBIAN_FRONTEND=noninteractive sh -c "apt-get update -qq && apt-get install -y -qq --no-install-recommends $PACKAGES" >"$log" 2>&1; then
    tail -20 "$log" >&2
    say "The packages could not be installed: $PACKAGES. Install them by hand, then run this again."
    exit 1
  fi
  rm -f "$log"
}

# need COMMAND PACKAGE ...: installs the package of each command that is missing. Every command a script calls is named
# with the package that brings it: that another package has brought it here proves nothing for the next machine.
need() {
  local missing=""
  while [ $# -gt 0 ]; do
    command -v "$1" >/dev/null || case " $missing " in *" $2 "*) ;; *) missing="$missing $2" ;; esac
    shift 2
  done
  [ -z "$missing" ] && return 0
  # shellcheck disable=SC2086
  install $missing
}

# need_folder FOLDER PACKAGE: installs the package where its folder is missing.
need_folder() {
  [ -d "$1" ] || install "$2"
}

# Programs of the database lie in /usr/sbin on some releases, which is not on everybody's path.
PATH="$PATH:/usr/sbin:/sbin"

# Oldest that the build works with.
JAVA_OLDEST=17
NODE_OLDEST="20 19"

java_version() { javac -version 2>&1 | sed -n 's/^javac \([0-9]*\).*/\1/p'; }

node_is_new_enough() {
  node -e 'const [a, b] = process.versions.node.split(".").map(Number); const [x, y] = process.argv.slice(1).map(Number);
    process.exit(a > x || a === x && b >= y ? 0 : 1)' $NODE_OLDEST
}

# A folder of the project with a Node of its own, where the machine's is too old.
OWN_NODE=$PWD/.node
[ -d "$OWN_NODE/bin" ] && PATH="$OWN_NODE/bin:$PATH"

need_build_tools() {
  need java default-jdk-headless javac default-jdk-headless mvn maven node nodejs npm npm \
    mariadbd mariadb-server-core mariadb-install-db mariadb-server-core my_print_defaults mariadb-client-core \
    sed sed find findutils base64 coreutils cmp diffutils
  [ -e /etc/ssl/certs/ca-certificates.crt ] || install ca-certificates
  if [ "$(java_version)" -lt "$JAVA_OLDEST" ]; then
    say "The Java here is $(java_version), but the build needs $JAVA_OLDEST or newer. Install a newer JDK and choose it, for example by JAVA_HOME."
    exit 1
  fi
  node_is_new_enough || bring_node
}

# The npm package "node" brings a current Node; the npm beside it is a newer one too, since old ones read lock files otherwise.
bring_node() {
  say "Node $(node -p process.version) is too old; bringing a newer one into $OWN_NODE"
  mkdir -p "$OWN_NODE/bin"
  (cd "$OWN_NODE" && echo '{"private":true}' >package.json && npm install --silent --no-audit --no-fund node@20 npm@11 >install.log 2>&1) \
    || { tail -20 "$OWN_NODE/install.log" >&2; rm -rf "$OWN_NODE"; say "Node 20 could not be brought from the npm registry. Install Node 20.19 or newer, then run this again."; exit 1; }
  ln -sf ../node_modules/node/bin/node "$OWN_NODE/bin/node"
  ln -sf ../node_modules/npm/bin/npm-cli.js "$OWN_NODE/bin/npm"
  ln -sf ../node_modules/npm/bin/npx-cli.js "$OWN_NODE/bin/npx"
  PATH="$OWN_NODE/bin:$PATH"
  hash -r
  node_is_new_enough || { say "The Node brought to $OWN_NODE does not run here. Install Node 20.19 or newer, then run this again."; exit 1; }
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
  echo "$DB_PORT" >"$home/port"
  run_database "$home" || { say "The database did not start; see $home/mariadb.log"; exit 1; }
}

# run_database FOLDER: runs what start_database has set up, on the same port as before; sets DB_PID.
run_database() {
  local home=$1 user i
  user=$(id -un)
  mariadbd --no-defaults --user="$user" --datadir="$home/data" --socket="$home/tmp/db.sock" --pid-file="$home/tmp/db.pid" \
    --tmpdir="$home/tmp" --bind-address=127.0.0.1 --port="$DB_PORT" --skip-name-resolve --character-set-server=utf8mb4 \
    --max-allowed-packet=64M --skip-log-bin --innodb-buffer-pool-size=256M --innodb-log-file-size=128M \
    --init-file="$home/init.sql" </dev/null >>"$home/mariadb.log" 2>&1 &
  DB_PID=$!
  for i in $(seq 1 150); do
    (exec 3<>"/dev/tcp/127.0.0.1/$DB_PORT") 2>/dev/null && return 0
    kill -0 "$DB_PID" 2>/dev/null || break
    sleep 0.2
  done
  return 1
}
