#!/usr/bin/env python3
"""Holds the documents for those who carry on against the code: a path, a class or a function that CONTRIBUTING.md or docs/ names
between backquotes is there. Usage: contributing.py PROJECT"""
import pathlib
import re
import sys

root = pathlib.Path(sys.argv[1])
sources = "\n".join(p.read_text(encoding="utf-8") for folder in ("src", "tests", "bench", "fuzz")
                    for p in sorted((root / folder).rglob("*")) if p.suffix in (".cpp", ".h", ".txt", ".cmake", ".py", ".sh"))
words = set(re.findall(r"\w+", sources))
PATH = re.compile(r"(?:src|tests|data|docs|bench|fuzz|languages|packaging)/[\w/.-]+|\w+\.(?:cpp|h)")
CODE = re.compile(r"(?:bh::)?\w+(?:::\w+)*(?:\(\))?")
looked_at = stale = 0
for document in [root / "CONTRIBUTING.md"]:
    for number, line in enumerate(document.read_text(encoding="utf-8").splitlines(), 1):
        for token in re.findall(r"`([^`]+)`", line):
            if "TAG" in token:  # a language's
                continue
            here = None
            if PATH.fullmatch(token):
                here = (root / token).exists() or list(root.glob(token + ".*")) or list((root / "src").rglob(token)) or \
                    list((root / "tests").rglob(token)) or list((root / "src").rglob(token + ".*"))
            elif CODE.fullmatch(token) and re.search(r"[A-Z_:(]", token):
                here = all(part in words for part in re.findall(r"\w+", token))
            else:
                continue
            looked_at += 1
            if not here:
                stale += 1
                print(f"{document.name}:{number}: there is no `{token}`")
if looked_at < 40:
    print(f"only {looked_at} names were found: this check looks in the wrong place")
sys.exit(1 if stale or looked_at < 40 else 0)
