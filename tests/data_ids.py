#!/usr/bin/env python3
"""No source knows a drill by its id: what a drill is good for stands in its file as a role. Usage: data_ids.py PROJECT"""
import pathlib
import re
import sys

root = pathlib.Path(sys.argv[1])
ids = {p.stem for p in (root / "data" / "drills").glob("*.json")}
# The demo flies drills by name and the tour shows some; these others are words of their own.
own_words = {("menu.cpp", "first-day"), ("drills_page.cpp", "shadow"), ("drill_role.cpp", "shadow"), ("drill_document.cpp", "upset")}
found = 0
for source in sorted((root / "src").rglob("*.cpp")) + sorted((root / "src").rglob("*.h")):
    if source.parent.name == "demo" or source.name == "tour.cpp":
        continue
    for number, line in enumerate(source.read_text(encoding="utf-8").splitlines(), 1):
        for text in re.findall(r'"([a-z-]+)"', line.split("//")[0]):
            if text in ids and (source.name, text) not in own_words:
                found += 1
                print(f"{source.relative_to(root)}:{number}: \"{text}\" is a drill's id")
sys.exit(1 if found or len(ids) < 30 else 0)
