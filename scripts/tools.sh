# What ./demo and ./test share: finding Java, Maven and Chromium, and installing them where that is allowed.
# Sourced by both; each function either leaves the tool in reach or ends with one line that says what to do.

fail() { printf '%s\n' "$1" >&2; exit 1; }

# may_install: whether packages can be installed without asking anybody.
may_install() {
  command -v apt-get >/dev/null || return 1
  [ "$(id -u)" -eq 0 ] || { command -v sudo >/dev/null && sudo -n true 2>/dev/null; }
}

# try_install WHAT PACKAGE...: installs Debian packages; false where it cannot.
try_install() {
  may_install || return 1
  local what=$1; shift
  echo "Installing $what ($*) ..."
  local as_root=(); [ "$(id -u)" -eq 0 ] || as_root=(sudo -n)
  { "${as_root[@]}" apt-get update -qq \
      && "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@"; } \
    >/tmp/kwibbet-install.log 2>&1
}

# install WHAT PACKAGE...: installs Debian packages, or says which to install.
install() {
  may_install || fail "Kwibbet needs $1. Install it, for example with: sudo apt-get install ${*:2}"
  try_install "$@" || fail "Installing $1 failed: see /tmp/kwibbet-install.log. Install by hand: ${*:2}"
}

# need_jdk: sets JAVA and JAVA_HOME to a JDK of version 17 or newer.
need_jdk() {
  local java=${JAVA_HOME:+$JAVA_HOME/bin/}java
  if ! command -v "$java" >/dev/null || ! command -v "${java}c" >/dev/null; then
    unset JAVA_HOME
    install "a JDK, version 17 or newer" default-jdk-headless
    java=java
  fi
  local version
  # A JDK's release file says its version without starting it.
  version=$(sed -n 's/^JAVA_VERSION="\(1\.\)\{0,1\}\([0-9]*\).*/\2/p' \
    "$(dirname "$(dirname "$(readlink -f "$(command -v "$java")")")")/release" 2>/dev/null || true)
  [ -n "$version" ] || version=$("$java" -XshowSettings:properties -version 2>&1 | sed -n 's/^ *java.specification.version = \(1\.\)\{0,1\}//p')
  [ "${version:-0}" -ge 17 ] 2>/dev/null \
    || fail "Java ${version:-of an unknown version} is too old: Kwibbet needs a JDK of version 17 or newer. Install one, or point JAVA_HOME at it."
  JAVA=$(command -v "$java")
  export JAVA_HOME=${JAVA_HOME:-$(dirname "$(dirname "$(readlink -f "$(command -v javac)")")")}
}

need_maven() {
  command -v mvn >/dev/null || install "Maven, version 3.8 or newer" maven
}

# need_chromium: sets CHROMIUM to a Chromium that pages are tested in. The headless one has no windows to draw, which takes pages half the time.
need_chromium() {
  local what="Chromium, to test the pages in"
  find_chromium "${CHROMIUM:-chromium-headless-shell}" chromium-headless-shell && return
  try_install "$what" chromium-headless-shell && find_chromium chromium-headless-shell && return
  find_chromium chromium chromium-browser && return
  install "$what" chromium
  find_chromium chromium || fail "Chromium was installed but cannot be found."
}

# find_chromium NAME...: sets CHROMIUM to the first of them that is there.
find_chromium() {
  local name
  for name; do
    if command -v "$name" >/dev/null; then CHROMIUM=$(command -v "$name"); export CHROMIUM; return 0; fi
  done
  return 1
}
