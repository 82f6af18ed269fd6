#!/usr/bin/env python3
"""What Blue Hangar says, gathered for its translators, and what a translation still lacks.

    languages/gather.py update   looks through the sources and the data folder and brings languages/*.ts up to date
    languages/gather.py check    says what is missing or does not fit in languages/*.ts; exit 1 where anything does

Sentences of core, files, record and school are written out where they are said (see src/core/base/message.h); the texts of drills,
curricula, kit, coaching, worlds, aircraft and the first flight stand in the data folder. Both are found here. The desk's own
words are found by Qt's lupdate, which also writes the files.
"""
import json
import pathlib
import re
import subprocess
import sys
import tempfile
import xml.etree.ElementTree as ET

ROOT = pathlib.Path(__file__).resolve().parent.parent
LITERAL = re.compile(r'\s*"((?:[^"\\]|\\.)*)"')
# A call whose first text is a form, and how many of its texts are: of a count, one for one and one for many.
SAYS = re.compile(r"\b(?:message_of|message|label|bad_input|fault|slip|failure|StoreFailure|told\.add|Message)\(")
DATA_TEXTS = {"name", "purpose", "label", "advice", "instruction", "cause", "change", "text", "why", "caution", "say", "ask"}
DATA_FOLDERS = ("aircraft", "coaching", "curricula", "drills", "first-flight", "kit", "worlds")


def literal_at(text: str, at: int):
    """The text of adjoining C++ literals from there on, and where they end; None where there is none."""
    parts = []
    while found := LITERAL.match(text, at):
        parts.append(found.group(1))
        at = found.end()
    if not parts:
        return None
    return re.sub(r"\\(.)", lambda e: {"n": "\n", "t": "\t"}.get(e.group(1), e.group(1)), "".join(parts)), at


def arguments_of(text: str, at: int):
    """Where each argument of a call begins, the call's bracket being before `at`."""
    begins, depth, quoted = [at], 0, False
    while at < len(text):
        c = text[at]
        if quoted:
            if c == "\\":
                at += 1
            elif c == '"':
                quoted = False
        elif c == '"':
            quoted = True
        elif c in "([{":
            depth += 1
        elif c in ")]}":
            if depth == 0:
                return begins
            depth -= 1
        elif c == "," and depth == 0:
            begins.append(at + 1)
        at += 1
    return begins


def message_forms():
    """Every form said in core, files, record and school, with whether it depends on a count."""
    forms = {}
    for layer in ("core", "files", "record", "school"):
        for path in sorted((ROOT / "src" / layer).rglob("*.[ch]*")):
            text = re.sub(r"^\s*///?.*$", "", path.read_text(encoding="utf-8"), flags=re.M)
            for call in SAYS.finditer(text):
                begins = arguments_of(text, call.end())
                which = 1 if call.group(0) in ("failure(", "message_of(") and len(begins) > 1 else 0
                form = literal_at(text, begins[which])
                if form and not form[0].startswith("/") and re.search(r"[A-Za-z]{2}", re.sub(r"%\d", "", form[0])):
                    counted = call.group(0) == "message_of("
                    forms[form[0]] = forms.get(form[0], False) or counted
    return forms


def data_texts():
    texts = set()

    def walk(value, key=""):
        if isinstance(value, dict):
            if value.get("sides") is True:  # one criterion for each side
                texts.update({value["label"] + ", right", value["label"] + ", left"})
            for k, v in value.items():
                walk(v, "change" if key == "change_on" else k)  # by its sticks
        elif isinstance(value, list):
            for v in value:
                walk(v, key)
        elif isinstance(value, str) and key in DATA_TEXTS and value.strip():
            texts.add(value)
            if key == "instruction":  # what is flown to both sides is written for the right
                texts.add(value.replace("right", "left"))

    for path in sorted((ROOT / "data" / "simulators").rglob("*.json")):  # their names are their own
        texts.add(json.loads(path.read_text(encoding="utf-8"))["arming"].get("words", ""))
    texts.discard("")
    for folder in DATA_FOLDERS:
        for path in sorted((ROOT / "data" / folder).rglob("*.json")):
            walk(json.loads(path.read_text(encoding="utf-8")))
    return texts


def phase_ids():
    """The phases' names over the debrief, in a context of their own: "back" and "hold" are other words elsewhere."""
    ids = {"right", "left"}  # of what is flown to both sides

    def walk(phases):
        for phase in phases:
            if "id" in phase:
                ids.add(re.sub(r"-\d+$", "", phase["id"]))
            walk(phase.get("sides", []))
            walk(phase.get("phases", []))

    for path in sorted((ROOT / "data" / "drills").glob("*.json")):
        walk(json.loads(path.read_text(encoding="utf-8"))["phases"])
    return ids


def quoted(text: str) -> str:
    return json.dumps(text, ensure_ascii=False)


def update():
    forms = message_forms()
    for text in data_texts():
        forms.setdefault(text, False)
    # lupdate reads marked texts in a source file: this one is made for it and thrown away.
    lines = [f'QT_TRANSLATE_N_NOOP("message", {quoted(f)}),' if n else f'QT_TRANSLATE_NOOP("message", {quoted(f)}),' for f, n in sorted(forms.items())]
    lines += [f'QT_TRANSLATE_NOOP("phase", {quoted(i)}),' for i in sorted(phase_ids())]
    with tempfile.TemporaryDirectory() as folder:
        made = pathlib.Path(folder) / "said.cpp"
        made.write_text("const char* said[] = {\n" + "\n".join(lines) + "\n};\n", encoding="utf-8")
        for ts in sorted((ROOT / "languages").glob("*.ts")):
            subprocess.run(["/usr/lib/qt6/bin/lupdate", "-silent", "-no-obsolete", "-locations", "none", "-I", str(ROOT / "src"),
                            str(ROOT / "src" / "desk"), str(made), "-ts", str(ts)], check=True)


def places(text: str):
    return sorted(set(re.findall(r"%(?:L?\d|n)", text)))


def check() -> int:
    known = {}
    wrong = 0
    forms = message_forms()
    for text in data_texts():
        forms.setdefault(text, False)
    for ts in sorted((ROOT / "languages").glob("*.ts")):
        for context in ET.parse(ts).getroot().iter("context"):
            name = context.findtext("name")
            for message in context.iter("message"):
                source, translation = message.findtext("source"), message.find("translation")
                several = [f.text or "" for f in translation.iter("numerusform")] or [translation.text or ""]
                known.setdefault(ts.name, set()).add((name, source))
                trouble = None
                if translation.get("type") in ("unfinished", "vanished") or not all(several):
                    trouble = "is not translated"
                elif any(set(places(t)) - {"%n"} != set(places(source)) - {"%n"} for t in several):
                    trouble = "has other places than its source"
                elif any(t.count("&") != source.count("&") for t in several) and "&" in source and " & " not in source:
                    trouble = "has lost its key"
                if trouble:
                    wrong += 1
                    print(f"{ts.name}: {name}: {quoted(source)} {trouble}")
        for name, form in [("message", f) for f in sorted(forms)] + [("phase", i) for i in sorted(phase_ids())]:
            if (name, form) not in known[ts.name]:
                wrong += 1
                print(f"{ts.name}: {quoted(form)} is said and not among the texts: run languages/gather.py update")
    return 1 if wrong else 0


if __name__ == "__main__":
    if sys.argv[1:] == ["update"]:
        update()
    elif sys.argv[1:] == ["check"]:
        sys.exit(check())
    else:
        sys.exit(__doc__)
