#!/usr/bin/env bash
# packing/image.sh FOLDER : the program with its own Java in FOLDER/tavrel, from server/target/tavrel.jar.
set -euo pipefail
cd "$(dirname "$(readlink -f "$0")")/.."
out=$(readlink -m "${1:?a folder}")
version=$(sed -n 's/^  <version>\(.*\)<\/version>/\1/p' pom.xml | head -1)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT

# What the program and its libraries ask of Java; no window is ever opened.
modules=java.base,java.desktop,java.instrument,java.logging,java.management,java.naming,java.net.http
modules+=,java.security.jgss,java.sql,java.xml,jdk.charsets,jdk.crypto.ec,jdk.unsupported,jdk.zipfs
jlink --add-modules "$modules" --strip-java-debug-attributes --no-header-files --no-man-pages --compress=2 --output "$work/java"
rm -f "$work"/java/lib/lib{awt_xawt,splashscreen,jawt,jsound}.so
find "$work/java/bin" -type f ! -name java ! -name keytool -delete
"$work/java/bin/java" -XX:+UseSerialGC -Xshare:dump >/dev/null

java -Djarmode=tools -jar server/target/tavrel.jar extract --destination "$work/app" >/dev/null
# The map of time zones is packed by a library that brings its code for every kind of machine: one is enough.
case "$(uname -m)" in x86_64) kind=linux/amd64 ;; aarch64) kind=linux/aarch64 ;; *) kind= ;; esac
if [ -n "$kind" ]; then
  others=$(unzip -Z1 "$work"/app/lib/zstd-jni-*.jar | grep -E '\.(so|dll|dylib|jnilib)$' | grep -v "^$kind/" || true)
  [ -z "$others" ] || zip -q -d "$work"/app/lib/zstd-jni-*.jar $others
fi

# Which libraries it takes from the system: looked up at each start, declared in the .deb.
objdump -p "$work"/java/lib/*.so "$work"/java/lib/server/*.so | awk '$1 == "NEEDED" {print $2}' | sort -u | while read -r name; do
  case "$name" in ld-linux* | libc.so* | libm.so* | libdl.so* | libpthread.so* | librt.so*) continue ;; esac
  [ -z "$(find "$work/java/lib" -name "$name")" ] || continue
  file=$(/sbin/ldconfig -p | awk -v name="$name" '$1 == name && !seen++ {print $NF}')
  # Debian's list knows some by the place they had before /lib and /usr/lib became one.
  real=$(readlink -f "$file")
  package=$(dpkg -S "$file" "$real" "${real#/usr}" "/usr$file" 2>/dev/null | head -1 | cut -d: -f1 || true)
  echo "$name ${package:-$name}"
done >"$work/app/libraries.txt"

# One entry on the class path, which names the others: as the archive of classes is made and as the script starts it.
mkdir -p "$out" "$work/input"
mv "$work/app/tavrel.jar" "$work/app/libraries.txt" "$work/input/"
rm -rf "$out/tavrel"
jpackage --type app-image --name tavrel --app-version "$version" --dest "$out" \
  --input "$work/input" --main-jar tavrel.jar --runtime-image "$work/java" --icon packing/tavrel.png \
  --java-options '-Xmx256m' --java-options '-XX:+UseSerialGC' --java-options '-Djava.awt.headless=true' \
  --java-options '-Xshare:auto' --java-options '-XX:SharedArchiveFile=$APPDIR/tavrel.jsa' \
  --java-options '-Xlog:disable' --java-options '-Xlog:all=error:stderr' \
  --java-options '-Dtavrel.installed-in=$APPDIR'
mv "$work/app/lib" "$out/tavrel/lib/app/lib"
mkdir -p "$out/tavrel/share"
cp LICENSE README.md CHANGELOG.md docs/https.md docs/operations.md docs/installing.md "$out/tavrel/share/"
