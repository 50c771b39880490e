#!/usr/bin/env bash
# Installs a build into an empty folder, opens the demo there, looks at what was installed, takes it out again and looks that nothing is left; then makes the Debian
# package and lets the checkers of Debian and of the desktops read it. tools/check_install.sh BUILD-FOLDER
set -euo pipefail
cd "$(dirname "$0")/.."
source=$PWD
build=$(cd "$1" && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
fail() { echo "check_install: $*" >&2; exit 1; }

DESTDIR="$work/root" cmake --install "$build" --prefix /usr --strip >"$work/install.log"
usr=$work/root/usr
for file in bin/lift-count bin/lift-count-cli share/lift-count/demo/copper-weathervane.liftcount share/lift-count/manual/index.md \
  share/applications/org.liftcount.LiftCount.desktop share/metainfo/org.liftcount.LiftCount.metainfo.xml share/mime/packages/org.liftcount.LiftCount.xml \
  share/icons/hicolor/scalable/apps/org.liftcount.LiftCount.svg share/man/man1/lift-count.1.gz share/man/man1/lift-count-cli.1.gz \
  share/bash-completion/completions/lift-count; do
  [ -s "$usr/$file" ] || fail "$file was not installed"
done
if grep -rlF -e "$source" -e "$build" "$usr" >"$work/paths"; then fail "a folder of the build stands in: $(cat "$work/paths")"; fi

# The programs as they are there, with nobody's settings and no sources: the demo is read, landed and opened.
mkdir "$work/home"
clean() { env -i PATH=/usr/bin:/bin HOME="$work/home" XDG_RUNTIME_DIR="$work/home" LC_ALL=C.UTF-8 QT_QPA_PLATFORM=offscreen ${ASAN_OPTIONS:+ASAN_OPTIONS="$ASAN_OPTIONS"} "$@"; }
[ "$(clean "$usr/bin/lift-count-cli" --version)" = "$(clean "$usr/bin/lift-count" --version | sed 's/^[^0-9]*//')" ] || fail "the two programs are of different versions"
clean "$usr/bin/lift-count-cli" land "$usr/share/lift-count/demo/copper-weathervane.liftcount" | grep -q "pass" || fail "the demo does not land"
clean "$usr/bin/lift-count" --silent --demo >"$work/window.log" 2>&1 &
window=$!
for _ in $(seq 100); do
  grep -rqs "copper-weathervane.liftcount" "$work/home/.config" && break
  sleep 0.2
done
kill -TERM "$window" 2>/dev/null || fail "the window ended by itself: $(cat "$work/window.log")"
wait "$window" || fail "the window ended with $?"
grep -rqs "$usr/share/lift-count/demo/copper-weathervane.liftcount" "$work/home/.config" || fail "the installed demo was not opened"

# What man, shells, desktops and their stores say of it.
for page in lift-count lift-count-cli; do
  gzip -dc "$usr/share/man/man1/$page.1.gz" >"$work/$page.1"
  mandoc -T lint -W warning "$work/$page.1" || fail "mandoc has something against $page.1"
  LC_ALL=C.UTF-8 MANWIDTH=80 man --warnings -E UTF-8 -l -Tutf8 "$work/$page.1" >"$work/$page.txt" 2>"$work/man.log" && [ ! -s "$work/man.log" ] || fail "man: $(cat "$work/man.log")"
done
for verb in $("$usr/bin/lift-count-cli" --help | sed -n '/^Subcommands:/,$s/^  \([a-z]*\) .*/\1/p'); do
  grep -q "^ *$verb\b" "$work/lift-count-cli.txt" || fail "the manual page does not know $verb"
  bash -c '. "$1"; COMP_WORDS=(lift-count-cli '"${verb:0:2}"'); COMP_CWORD=1; _lift_count_cli; printf "%s\n" "${COMPREPLY[@]}"' _ "$usr/share/bash-completion/completions/lift-count" \
    | grep -qx "$verb" || fail "$verb is not completed"
done
desktop-file-validate "$usr/share/applications/org.liftcount.LiftCount.desktop" || fail "the desktop file is not valid"
appstreamcli validate --no-net --explain "$usr/share/metainfo/org.liftcount.LiftCount.metainfo.xml" || fail "the metainfo is not valid"
cp -r "$usr/share/mime" "$work/mime"
update-mime-database "$work/mime" 2>"$work/mime.log" || fail "the MIME type is not valid: $(cat "$work/mime.log")"
cp "$usr/share/lift-count/demo/copper-weathervane.liftcount" "$work/dance-without-ending"
printf '{"format": "something else"}' >"$work/other.json"
kind() { XDG_DATA_HOME="$work" XDG_DATA_DIRS="$work" xdg-mime query filetype "$1"; }
if command -v xdg-mime >/dev/null; then
  [ "$(kind "$usr/share/lift-count/demo/copper-weathervane.liftcount")" = application/vnd.liftcount.routine+json ] || echo "(no desktop here that asks for the kind of a file)"
fi

# Out again: what was installed, and nothing else was.
while IFS= read -r file; do rm "$work/root$file"; done <"$build/install_manifest.txt"
left=$(find "$work/root" ! -type d)
[ -z "$left" ] || fail "left behind: $left"

(cd "$work" && cpack --config "$build/CPackConfig.cmake" -B "$work/package" >"$work/cpack.log" 2>&1) || fail "cpack: $(cat "$work/cpack.log")"
deb=$(echo "$work"/package/*.deb)
lintian --fail-on error,warning --allow-root "$deb" || fail "lintian has something against the package"
dpkg-deb --field "$deb" Package Version Depends
dpkg-deb --contents "$deb" | awk '{print $6}' | grep -q 'usr/bin/lift-count$' || fail "the package has no program"
echo "Installed, opened, taken out; the package is well made."
