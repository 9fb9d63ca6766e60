# A Debian made of packages, from where this machine takes its own. Sourced after machine.sh with ROOT and LOG set; needs root.

# fresh_debian TARGET [PACKAGE,...]: the least that is a Debian of this machine's release, into a folder or a .tar.
fresh_debian() {
  local sources
  command -v mmdebstrap >/dev/null || install mmdebstrap
  sources=$(find /etc/apt -name '*.list' -o -name '*.sources')
  mmdebstrap --variant=minbase ${2:+"--include=$2"} "$(. /etc/os-release && echo "$VERSION_CODENAME")" "$1" $sources >"$LOG" 2>&1 ||
    { tail -n 5 "$LOG" >&2; fail "a Debian could not be put together"; }
}
