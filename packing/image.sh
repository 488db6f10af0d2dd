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
for file in "$work"/java/lib/*.so "$work"/java/lib/server/*.so; do
  LD_LIBRARY_PATH=$work/java/lib:$work/java/lib/server ldd "$file"
done | awk -v own="$work" '$2 == "=>" && index($3, own) == 0 {print $1, $3}' | sort -u | while read -r name path; do
  case "$name" in ld-linux* | libc.so* | libm.so* | libdl.so* | libpthread.so* | librt.so*) continue ;; esac
  echo "$name $(dpkg -S "$(readlink -f "$path")" 2>/dev/null | head -1 | cut -d: -f1)"
done >"$work/app/libraries.txt"

rm -rf "$out/tavrel"
mkdir -p "$out"
jpackage --type app-image --name tavrel --app-version "$version" --dest "$out" \
  --input "$work/app" --main-jar tavrel.jar --runtime-image "$work/java" --icon packing/tavrel.png \
  --java-options '-Xmx256m' --java-options '-XX:+UseSerialGC' --java-options '-Djava.awt.headless=true' \
  --java-options '-Xshare:auto' --java-options '-XX:SharedArchiveFile=$APPDIR/tavrel.jsa' \
  --java-options '-Xlog:disable' --java-options '-Xlog:all=error:stderr' \
  --java-options '-Dtavrel.installed-in=$APPDIR'
mkdir -p "$out/tavrel/share"
cp LICENSE README.md CHANGELOG.md docs/https.md docs/operations.md docs/installing.md "$out/tavrel/share/"
