#!/bin/sh
# Makes public/sounds/counts-en.wav and src/core/live/voice-words.ts: the spoken counts, one after the other, and where
# each lies. Wants flite and sox from Debian; what it makes is committed, so that neither a build nor a machine needs it.
# The voice is flite's own "slt" (Carnegie Mellon University, BSD-like licence).
set -eu
root=$(cd "$(dirname "$0")/../.." && pwd)
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
cd "$work"
list=""
table=""
at=0
say() {
  flite -voice slt --setf duration_stretch=0.9 -t "$2" -o raw.wav
  # Silence off both ends, so that a word begins when it is due.
  sox raw.wav -r 16000 -c 1 -b 16 cut.wav silence 1 0.002 0.15% reverse silence 1 0.002 0.15% reverse
  sox cut.wav "$1.wav" fade 0.004 "$(soxi -D cut.wav)" 0.012 gain -n -3 pad 0 0.02
  samples=$(soxi -s "$1.wav")
  table="$table  \"$1\": [$at, $samples],
"
  at=$((at + samples))
  list="$list $1.wav"
}
for n in $(seq 1 30); do say "$n" "$n"; done
say half "half way"
say last-two "last two"
say last "last one"
# shellcheck disable=SC2086
sox $list -b 16 "$root/public/sounds/counts-en.wav"
{
  echo '/** Where each word lies in public/sounds/counts-en.wav: first sample and how many, at 16 kHz. Made by ops/voice. */'
  echo 'export const WORD_RATE = 16_000;'
  echo 'export const WORDS: Readonly<Record<string, readonly [from: number, samples: number]>> = {'
  printf '%s' "$table" | sed -E 's/"([a-z0-9]+)":/\1:/'
  echo '};'
} > "$root/src/core/live/voice-words.ts"
