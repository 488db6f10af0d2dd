#!/usr/bin/env bash
# packing/try.sh FOLDER : is what was packed there a program that a keeper can run? Says sizes and times.
set -euo pipefail
cd "$(dirname "$(readlink -f "$0")")/.."
out=$(readlink -f "${1:?a folder}")
work=$(mktemp -d)
server=
trap '[ -z "$server" ] || kill "$server" 2>/dev/null; rm -rf "$work"' EXIT
port=8493
as_whom=()
program=$out/tavrel/bin/tavrel

fail() { printf 'tavrel: the packed program: %s\n' "$*" >&2; [ ! -f "$work/said" ] || tail -20 "$work/said" >&2; exit 1; }

# started WORDS... : runs the image as somebody would who has nothing else: no PATH, no Java.
started() {
  local begun
  : >"$work/said"
  begun=$(date +%s%N)
  "${as_whom[@]}" env -i HOME="$work/home" PATH= "$program" "$@" --port $port --no-browser >"$work/said" 2>&1 &
  server=$!
  until grep -q 'Tavrel is ready' "$work/said"; do
    kill -0 "$server" 2>/dev/null || fail "did not start"
    sleep 0.05
  done
  took=$((($(date +%s%N) - begun) / 1000000))
}

ended() {
  kill "$server"
  wait "$server" 2>/dev/null || true
  server=
}

# ask METHOD PATH [BODY] : with the cookies of a browser.
ask() {
  local token
  token=$(awk '/XSRF-TOKEN/ {print $7}' "$work/jar" 2>/dev/null || true)
  curl -sS -b "$work/jar" -c "$work/jar" -H "X-XSRF-TOKEN: $token" -H 'Content-Type: application/json' \
    -X "$1" "http://localhost:$port$2" ${3:+-d "$3"}
}

install -d "$work/home"
started serve
printf 'image: %s MB; first start %s ms' "$(du -sm "$out/tavrel" | cut -f1)" "$took"
[ -d "$work/home/.local/share/tavrel" ] || fail "its data are not where the system wants them"
ask GET /api/welcome >/dev/null
code=$(sed -n 's/.*enter this code: //p' "$work/said")
ask POST /api/welcome "{\"code\":\"$code\",\"login\":\"wren\",\"name\":\"Wren\",\"password\":\"three wet herons\"}" >/dev/null
ask GET /api/register/treatments.pdf >"$work/register.pdf"
[ "$(head -c 5 "$work/register.pdf")" = '%PDF-' ] || fail "makes no PDF"
[ "$(curl -s -o /dev/null -w '%{http_code}' "http://localhost:$port/")" = 200 ] || fail "shows no page"
for _ in $(seq 120); do [ ! -f "$out/tavrel/lib/app/tavrel.jsa.made-in" ] || break; sleep 0.5; done
ended
times=()
for _ in 1 2 3; do
  started serve
  times+=("$took")
  ended
done
printf '; further starts %s ms, as one keeps it %s MB\n' "${times[*]}" "$(du -sm "$out/tavrel" | cut -f1)"
env -i HOME="$work/home" PATH= "$out/tavrel/bin/tavrel" backup >"$work/said" 2>&1 || fail "writes no backup"
rm -f "$out"/tavrel/lib/app/tavrel.jsa*

# The container's steps, without an engine: its packages are known and are all that is taken from the system; its command
# as a user without rights; its health check.
for package in $(cut -d' ' -f2 "$out/tavrel/lib/app/libraries.txt"); do
  grep -q " $package " packing/Dockerfile || fail "takes $package from the system, which the Dockerfile does not install"
done
if [ "$(id -u)" = 0 ]; then
  as_whom=(setpriv --reuid=65534 --regid=65534 --clear-groups)
  chmod 755 "$work"
  cp -r "$out/tavrel" "$work/image"
  program=$work/image/bin/tavrel
  install -d -o 65534 -g 65534 "$work/volume"
else
  install -d "$work/volume"
fi
started serve --data "$work/volume" --address 0.0.0.0
curl -fsS "http://localhost:$port/health" >/dev/null || fail "answers no health check"
ended
as_whom=()
program=$out/tavrel/bin/tavrel

deb=$(ls "$out"/*.deb)
install -d "$work"/root/var/lib/dpkg/{info,updates}
cp /var/lib/dpkg/status "$work/root/var/lib/dpkg/status"
as=(); [ "$(id -u)" = 0 ] || as=(fakeroot)
"${as[@]}" dpkg --root="$work/root" --force-script-chrootless,not-root -i "$deb" >"$work/said" 2>&1 || fail "cannot be installed"
[ -x "$work/root/opt/tavrel/bin/tavrel" ] && [ -f "$work/root/lib/systemd/system/tavrel.service" ] || fail "installs no program"
installed=$(du -sm "$work/root/opt/tavrel" | cut -f1)
"${as[@]}" dpkg --root="$work/root" --force-script-chrootless,not-root -P tavrel >"$work/said" 2>&1 || fail "cannot be removed"
[ ! -e "$work/root/opt/tavrel" ] || fail "leaves something behind when it is removed: $(find "$work/root/opt/tavrel" | head -3)"
printf 'package: %s MB, %s MB installed; installed and removed in a root of its own\n' "$(du -sm "$deb" | cut -f1)" "$installed"
