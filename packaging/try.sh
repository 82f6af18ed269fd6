#!/usr/bin/env bash
# Installs the package on a clean Debian in a folder of its own, works with it, upgrades it over a record of the version before,
# and takes it away again. Needs root, debootstrap and the network. try.sh PACKAGE
set -euo pipefail
package=$(realpath "$1")
[ "$(id -u)" -eq 0 ] || { echo "try.sh: only root can make a clean Debian to try the package on" >&2; exit 2; }
place=$(mktemp -d /tmp/bluehangar-root-XXXXXX)
chmod 755 "$place"
inside() { chroot "$place" env -i PATH=/usr/sbin:/usr/bin:/sbin:/bin HOME=/home/desk LC_ALL=C.UTF-8 DEBIAN_FRONTEND=noninteractive \
  QT_QPA_PLATFORM=offscreen XDG_RUNTIME_DIR=/tmp "$@"; }
as_desk() { inside setpriv --reuid=1000 --regid=1000 --clear-groups "$@"; }
leave() { umount "$place/proc" 2>/dev/null || true; rm -rf "$place" "$place".*; }
trap leave EXIT
say() { echo "try: $*"; }

say "a clean Debian"
. /etc/os-release
mirror=$(apt-get indextargets --format '$(REPO_URI)' 'Created-By: Packages' | head -1)
debootstrap --variant=minbase "$VERSION_CODENAME" "$place" "$mirror" >"$place.said" 2>&1 ||
  { tail -3 "$place.said" >&2; say "skipped: a clean Debian cannot be made on this machine"; exit 0; }
cp /etc/apt/apt.conf.d/* "$place/etc/apt/apt.conf.d/" 2>/dev/null || true
cp /etc/resolv.conf "$place/etc/" 2>/dev/null || true
mount -t proc proc "$place/proc" 2>/dev/null || { say "skipped: nothing can be mounted on this machine"; exit 0; }
mkdir -p "$place/home/desk" && chown 1000:1000 "$place/home/desk"
inside sh -c 'find / -xdev -not -path "/proc/*" -not -path "/var/*" -not -path "/home/*" -not -path "/tmp/*" | sort' >"$place.before"

say "installing"
cp "$package" "$place/tmp/bluehangar.deb"
inside apt-get update -qq
inside apt-get install -y -qq --no-install-recommends /tmp/bluehangar.deb >/dev/null 2>"$place.said" || { cat "$place.said" >&2; exit 1; }
inside sh -c 'dpkg -L bluehangar | sort' >"$place.ours"

say "working: $(as_desk bluehangar-cli --version), $(as_desk bluehangar --version 2>/dev/null)"
as_desk bluehangar-cli drill list >/dev/null
as_desk bluehangar-cli drill fly --drill lift-settle --skill 0.9 --seed 1 --out /tmp/flight.csv >/dev/null
as_desk bluehangar-cli drill score --drill lift-settle /tmp/flight.csv >/dev/null || [ $? -eq 1 ]
inside test -f /usr/share/bluehangar/help/index.md -a -f /usr/share/doc/bluehangar/help/index.html
say "the demo school, flown once and looked at"
as_desk bluehangar --demo --tour /tmp/tour >/dev/null 2>"$place.said" || { cat "$place.said" >&2; exit 1; }
pictures=$(ls "$place"/tmp/tour/*.png | wc -l)
[ "$pictures" -ge 20 ] || { say "only $pictures pictures of the tour"; exit 1; }
say "$pictures views"

say "a record that was kept, and the package installed again over it"
as_desk sh -c 'mkdir -p /home/desk/.local/share/bluehangar && cp /home/desk/.cache/bluehangar/demo-*/record.sqlite /home/desk/.local/share/bluehangar/'
head=$(as_desk bluehangar-cli record head --store /home/desk/.local/share/bluehangar/record.sqlite)
inside apt-get install -y -qq --reinstall --no-install-recommends /tmp/bluehangar.deb >/dev/null 2>&1
[ "$(as_desk bluehangar-cli record head --store /home/desk/.local/share/bluehangar/record.sqlite)" = "$head" ] || { say "the record has another head"; exit 1; }

say "taking it away"
inside apt-get purge -y -qq bluehangar >/dev/null 2>&1
remains=$(while read -r file; do if [ -e "$place$file" ] && ! grep -qxF "$file" "$place.before" && ! [ -d "$place$file" ]; then echo "$file"; fi; done <"$place.ours")
[ -z "$remains" ] || { say "remains: $remains"; exit 1; }
for folder in usr/share/bluehangar usr/share/doc/bluehangar; do [ ! -e "$place/$folder" ] || { say "remains: /$folder"; exit 1; }; done
[ -e "$place/home/desk/.local/share/bluehangar/record.sqlite" ] || { say "the record went with it"; exit 1; }
say "good"
