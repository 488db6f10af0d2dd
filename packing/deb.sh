#!/usr/bin/env bash
# packing/deb.sh FOLDER : the program in FOLDER/tavrel as a Debian package beside it.
set -euo pipefail
cd "$(dirname "$(readlink -f "$0")")/.."
out=$(readlink -f "${1:?a folder}")
version=$(sed -n 's/^  <version>\(.*\)<\/version>/\1/p' pom.xml | head -1)
architecture=$(dpkg --print-architecture)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
root=$work/tavrel

install -d "$root"/{opt,usr/bin,lib/systemd/system,usr/share/applications,usr/share/doc/tavrel,DEBIAN}
cp -r "$out/tavrel" "$root/opt/tavrel"
ln -s /opt/tavrel/bin/tavrel "$root/usr/bin/tavrel"
install -m 644 packing/tavrel.service "$root/lib/systemd/system/"
install -m 644 packing/tavrel.desktop "$root/usr/share/applications/"
install -m 644 LICENSE "$root/usr/share/doc/tavrel/copyright"
gzip -9nc CHANGELOG.md >"$root/usr/share/doc/tavrel/changelog.gz"
install -m 755 packing/postinst packing/prerm "$root/DEBIAN/"

libc=$(dpkg-query -W -f '${Version}' libc6 | sed 's/-.*//')
libraries="libc6 (>= $libc), libstdc++6"
for package in $(awk '{print $2}' "$out/tavrel/lib/app/libraries.txt" | sort -u); do
  case "$package" in libc6 | libstdc++6) ;; *) libraries+=", $package" ;; esac
done
sed -e "s/@VERSION@/$version/" -e "s/@ARCHITECTURE@/$architecture/" -e "s/@LIBRARIES@/$libraries/" \
  -e "s/@KILOBYTES@/$(du -sk "$root" | cut -f1)/" packing/control >"$root/DEBIAN/control"
dpkg-deb --root-owner-group -Zxz -b "$root" "$out/tavrel_${version}_$architecture.deb" >/dev/null
