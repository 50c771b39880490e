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

DESTDIR="$work/tree" cmake --install "$build" --prefix /usr --strip >"$work/install.log"
usr=$work/tree/usr
for file in bin/lift-count bin/lift-count-cli share/lift-count/demo/copper-weathervane.liftcount share/lift-count/manual/index.md \
  share/applications/org.liftcount.LiftCount.desktop share/metainfo/org.liftcount.LiftCount.metainfo.xml share/mime/packages/org.liftcount.LiftCount.xml \
  share/icons/hicolor/scalable/apps/org.liftcount.LiftCount.svg share/man/man1/lift-count.1.gz share/man/man1/lift-count-cli.1.gz \
  share/bash-completion/completions/lift-count; do
  [ -s "$usr/$file" ] || fail "$file was not installed"
done
if grep -rlF -e "$source" -e "$build" "$usr" >"$work/paths"; then fail "a folder of the build stands in: $(cat "$work/paths")"; fi

# The programs as they are there, with nobody's settings and no sources: the demo is read, landed and opened.
mkdir -m 700 "$work/home"
nobody=(env -i PATH=/usr/bin:/bin HOME="$work/home" XDG_RUNTIME_DIR="$work/home" LC_ALL=C.UTF-8 QT_QPA_PLATFORM=offscreen)
[ "$("${nobody[@]}" "$usr/bin/lift-count-cli" --version)" = "$("${nobody[@]}" "$usr/bin/lift-count" --version | sed 's/^[^0-9]*//')" ] || fail "the two programs are of different versions"
"${nobody[@]}" "$usr/bin/lift-count-cli" land "$usr/share/lift-count/demo/copper-weathervane.liftcount" | grep "pass" >/dev/null || fail "the demo does not land"
"${nobody[@]}" "$usr/bin/lift-count" --silent --demo >"$work/window.log" 2>&1 &
window=$!
for _ in $(seq 100); do
  grep -rqs "copper-weathervane.liftcount" "$work/home/.config" && break
  sleep 0.2
done
kill -TERM "$window" 2>/dev/null || fail "the window ended by itself: $(cat "$work/window.log")"
code=0; wait "$window" || code=$?; [ $code -eq 143 ] || { cat "$work/window.log"; fail "the window ended with $code"; }
grep -rqs "$usr/share/lift-count/demo/copper-weathervane.liftcount" "$work/home/.config" || fail "the installed demo was not opened"

# What man, shells, desktops and their stores say of it.
for page in lift-count lift-count-cli; do
  gzip -dc "$usr/share/man/man1/$page.1.gz" >"$work/$page.1"
  mandoc -T lint -W warning "$work/$page.1" || fail "mandoc has something against $page.1"
  LC_ALL=C.UTF-8 MANWIDTH=80 man --warnings -E UTF-8 -l -Tutf8 "$work/$page.1" >"$work/$page.txt" 2>"$work/man.log" && [ ! -s "$work/man.log" ] || fail "man: $(cat "$work/man.log")"
done
for verb in $("$usr/bin/lift-count-cli" --help | sed -n '/^Subcommands:/,$s/^  \([a-z]*\) .*/\1/p'); do
  grep -q "^.It Cm $verb\b" "$work/lift-count-cli.1" || fail "the manual page does not know $verb"
  bash -c '. "$1"; COMP_WORDS=(lift-count-cli '"${verb:0:2}"'); COMP_CWORD=1; _lift_count_cli; printf "%s\n" "${COMPREPLY[@]}"' _ "$usr/share/bash-completion/completions/lift-count" \
    | grep -x "$verb" >/dev/null || fail "$verb is not completed"
done
desktop-file-validate "$usr/share/applications/org.liftcount.LiftCount.desktop" || fail "the desktop file is not valid"
appstreamcli validate --no-net --explain "$usr/share/metainfo/org.liftcount.LiftCount.metainfo.xml" || fail "the metainfo is not valid"
cp -r "$usr/share/mime" "$work/mime"
update-mime-database "$work/mime" 2>"$work/mime.log" || fail "the MIME type is not valid: $(cat "$work/mime.log")"

# Out again: what was installed, and nothing else was.
while IFS= read -r file || [ -n "$file" ]; do rm "$work/tree$file"; done <"$build/install_manifest.txt"
left=$(find "$work/tree" ! -type d)
[ -z "$left" ] || fail "left behind: $left"

(cd "$work" && cpack --config "$build/CPackConfig.cmake" -B "$work/package" >"$work/cpack.log" 2>&1) || fail "cpack: $(cat "$work/cpack.log")"
deb=$(echo "$work"/package/*.deb)
lintian --fail-on error,warning --allow-root "$deb" || fail "lintian has something against the package"
dpkg-deb --field "$deb" Package Version Depends
dpkg-deb --contents "$deb" | awk '{print $6}' | grep "usr/bin/lift-count$" >/dev/null || fail "the package has no program"
echo "Installed, opened, taken out; the package is well made."
