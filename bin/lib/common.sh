# Shared by the commands in bin/: says what it does, installs what is lacking, stops with a sentence that helps.
set -euo pipefail
ROOT=$(cd "$(dirname "${BASH_SOURCE[0]}")/../.." && pwd)
VAR="$ROOT/var"
mkdir -p "$VAR/stamps" "$VAR/log"
export BUNDLE_GEMFILE="$ROOT/Gemfile" BUNDLE_PATH="$ROOT/vendor/bundle" BUNDLE_FROZEN=true

say() { printf '%s\n' "$*" >&2; }
fail() { say "Stopped: $*"; exit 1; }

# logged NAME COMMAND…: runs quietly, shows the end of its output when it fails.
logged() {
  local name=$1 log; shift
  log="$VAR/log/$name.log"
  "$@" >"$log" 2>&1 || { tail -n 30 "$log" >&2; return 1; }
}

# changed NAME FILES…: whether these files are other than when `done_with NAME` was last said.
digest_of() { cat "$@" 2>/dev/null | sha256sum | cut -d' ' -f1; }
changed() { local name=$1; shift; [ "$(cat "$VAR/stamps/$name" 2>/dev/null)" != "$(digest_of "$@")" ]; }
done_with() { local name=$1; shift; digest_of "$@" >"$VAR/stamps/$name"; }

as_root() { if [ "$(id -u)" = 0 ]; then "$@"; elif command -v sudo >/dev/null; then sudo "$@"; else return 1; fi; }

# need_packages PACKAGE…: Debian packages.
need_packages() {
  local missing=() package
  for package in "$@"; do
    [ "$(dpkg-query -W -f='${db:Status-Status}' "$package" 2>/dev/null)" = installed ] || missing+=("$package")
  done
  [ ${#missing[@]} = 0 ] && return
  command -v apt-get >/dev/null || fail "these Debian packages are needed: ${missing[*]}. Install them, then try again."
  say "Installing Debian packages: ${missing[*]}"
  as_root true || fail "these Debian packages are needed: ${missing[*]}. Install them as root, then try again."
  # Where no package list is there yet, or an old one, the second try has a fresh one.
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}" >"$VAR/log/apt.log" 2>&1 ||
    { logged apt-update as_root apt-get update && logged apt as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}"; } ||
    fail "apt-get could not install ${missing[*]} (see var/log/apt.log)."
}

need_gems() {
  need_packages ruby ruby-dev ruby-bundler build-essential libgeos-dev libpq-dev libssl-dev libvips42 libyaml-dev
  changed gems "$ROOT/Gemfile" "$ROOT/Gemfile.lock" || { [ -d "$ROOT/vendor/bundle" ] && return; }
  say "Installing gems"
  (cd "$ROOT" && logged bundle bundle install --jobs 2) || fail "the gems could not be installed (see var/log/bundle.log)."
  done_with gems "$ROOT/Gemfile" "$ROOT/Gemfile.lock"
}

need_node() {
  command -v node >/dev/null || need_packages nodejs npm
  local major; major=$(node --version | sed 's/^v\([0-9]*\).*/\1/')
  [ "$major" -ge 20 ] || fail "Node 20 or newer is needed to build the pages; $(node --version) is here."
  changed npm "$ROOT/web/package.json" "$ROOT/web/package-lock.json" || { [ -d "$ROOT/web/node_modules" ] && return; }
  say "Installing front-end packages"
  (cd "$ROOT/web" && logged npm npm ci --no-audit --no-fund) || fail "the front-end packages could not be installed (see var/log/npm.log)."
  done_with npm "$ROOT/web/package.json" "$ROOT/web/package-lock.json"
}

web_sources() { find "$ROOT/web/src" "$ROOT/web/public" -type f ! -name schema.d.ts 2>/dev/null | LC_ALL=C sort; echo "$ROOT/web/index.html" "$ROOT/web/vite.config.ts" "$ROOT/web/tsconfig.json" "$ROOT/web/package-lock.json" "$ROOT/docs/openapi.json"; }

need_pages() {
  need_node
  local sources; mapfile -t sources < <(web_sources | tr ' ' '\n')
  changed pages "${sources[@]}" || { [ -f "$ROOT/web/dist/index.html" ] && return; }
  say "Building the pages"
  (cd "$ROOT/web" && logged types npm run --silent types && logged build npm run --silent build) || fail "the pages could not be built (see var/log/build.log)."
  done_with pages "${sources[@]}"
}

ruby_here() { (cd "$ROOT" && exec ruby --yjit -rbundler/setup "$@"); }
