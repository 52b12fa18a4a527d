#!/usr/bin/env bash
# Shared by bin/start, bin/demo, bin/test and bin/bench: installs what is missing and nothing that is there. Sourced, not run.
set -euo pipefail
ROOT="$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)"
cd "$ROOT"
export BUNDLE_GEMFILE="$ROOT/Gemfile" BUNDLE_SILENCE_ROOT_WARNING=1 DEBIAN_FRONTEND=noninteractive
# Twice the places that the tables and the code take, so that they are not looked through anew ten times in a hundred answers: 25 MB.
export RUBY_GC_HEAP_INIT_SLOTS=600000

say() { printf 'elm cup: %s\n' "$*" >&2; }
die() { say "$*"; exit 1; }
have() { command -v "$1" >/dev/null 2>&1; }

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"
  elif have sudo; then sudo --preserve-env=DEBIAN_FRONTEND "$@"
  else die "needs the Debian packages it was going to install with: $* — run that as root, then try again"
  fi
}

# install_packages NAME…: the Debian packages of the list that are not there yet.
install_packages() {
  local missing=() name there
  have dpkg-query || die "needs these packages and finds no Debian tools to look for them: $*"
  there=" $({ dpkg-query -W -f='${Package} ${Status}\n' "$@" 2>/dev/null || true; } | awk '/ok installed/ { print $1 }' | tr '\n' ' ')"
  for name in "$@"; do
    [[ $there == *" $name "* ]] || missing+=("$name")
  done
  [ ${#missing[@]} -eq 0 ] && return
  have apt-get || die "needs these packages and finds no apt-get to install them: ${missing[*]}"
  say "installing ${missing[*]}"
  as_root apt-get update -qq >&2 || die "apt-get update failed; is there a network?"
  as_root apt-get install -y -qq --no-install-recommends "${missing[@]}" >&2 || die "could not install ${missing[*]}"
}

install_ruby() {
  have ruby || install_packages ruby
  install_packages build-essential ruby-dev libyaml-dev libffi-dev zlib1g-dev libsqlite3-dev libxml2-dev libxslt1-dev pkg-config
  have bundle || install_packages bundler
  ruby -e 'exit Gem::Version.new(RUBY_VERSION) >= Gem::Version.new("3.1")' || die "needs Ruby 3.1 or newer; this is $(ruby -v)"
}

install_gems() {
  bundle config set --local path vendor/bundle >/dev/null
  bundle config set --local build.sqlite3 --enable-system-libraries >/dev/null
  bundle config set --local build.nokogiri --use-system-libraries >/dev/null
  bundle check >/dev/null 2>&1 && return
  say "installing gems (two minutes the first time)"
  MAKEFLAGS=-j2 bundle install --quiet >&2 || die "bundle install failed; is there a network?"
}

install_node() {
  if ! have node || ! have npm; then install_packages nodejs npm; fi
  node -e 'process.exit(+process.versions.node.split(".")[0] >= 20 ? 0 : 1)' || die "needs Node 20 or newer; this is $(node --version)"
  if [ web/package-lock.json -nt web/node_modules/.package-lock.json ] || [ ! -d web/node_modules/vite ]; then
    say "installing npm packages"
    (cd web && npm ci --no-audit --no-fund --loglevel=error >&2) || die "npm ci failed; is there a network?"
    touch web/node_modules/.package-lock.json
  fi
}

# Builds the web application when its sources are newer than what is built.
build_web() {
  if [ ! -f server/public/index.html ] || [ -n "$(find web/src web/public web/index.html web/vite.config.ts web/package-lock.json -newer server/public/index.html -print -quit)" ]; then
    say "building the web application"
    (cd web && npm run --silent build >&2) || die "the web application did not build"
  fi
}

install_all() {
  install_ruby
  install_gems
  install_node
  build_web
}
